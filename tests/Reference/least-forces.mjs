// Least sum of squares of support forces by an independent solver (Goldfarb and Idnani), one problem a line of standard input:
// {places: [[x, y, z]], needed: [force, moment], friction}. Floors only: a pyramid of eight sides stands for the cone.
import { createInterface } from 'node:readline';
import quadprog from 'quadprog';

for await (const line of createInterface({ input: process.stdin })) {
  const { places, needed, friction } = JSON.parse(line);
  const count = 3 * places.length;
  const square = Array.from({ length: count }, (_, i) => Array.from({ length: count }, (_, j) => (i === j ? 2 : 0)));
  const columns = [];
  const least = [];
  for (let row = 0; row < 6; row++) {
    columns.push(
      places.flatMap(([x, y, z]) => [
        [1, 0, 0],
        [0, 1, 0],
        [0, 0, 1],
        [0, -z, y],
        [z, 0, -x],
        [-y, x, 0],
      ][row]),
    );
    least.push(needed[row]);
  }
  places.forEach((_, at) => {
    for (let side = 0; side < 8; side++) {
      const turn = (2 * Math.PI * (side + 0.5)) / 8;
      const column = Array(count).fill(0);
      column[3 * at] = -Math.cos(turn);
      column[3 * at + 1] = -Math.sin(turn);
      column[3 * at + 2] = friction * Math.cos(Math.PI / 8);
      columns.push(column);
      least.push(0);
    }
  });
  // The library counts from one.
  const from1 = (list) => [0, ...list];
  const matrix = [[], ...Array.from({ length: count }, (_, row) => from1(columns.map((column) => column[row])))];
  const solved = quadprog.solveQP([[], ...square.map(from1)], from1(Array(count).fill(0)), matrix, from1(least), 6);
  console.log(JSON.stringify({ forces: solved.solution.slice(1), message: solved.message }));
}
