/** What stands on a wall while no window tells where its clock is, or it is over. */
export function Standby({ title, isOver }: { title: string; isOver: boolean }) {
  return (
    <div className="row-span-full grid place-content-center gap-[3vh] text-center">
      <h1 className="text-[8vh] leading-tight">{title}</h1>
      <p className="text-[5vh] text-ink2">
        {isOver ? 'Done.' : 'Start it in the other window of this browser: this one follows it.'}
      </p>
    </div>
  );
}
