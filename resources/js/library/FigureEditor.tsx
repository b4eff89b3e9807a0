import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { SelectField, TextArea, TextField } from '@/ui/Field';
import { kitLines, kitPieces, mirroredFigure, onLines, placesOn, stepped, touchLine, touchPairs } from './figureSource';
import { anglesLine, anglesOf, textOf, type Fields } from './source';

const POSES = [
  ['start', 'Start'],
  ['middle', 'Middle, where the way matters'],
  ['end', 'End, where it moves'],
] as const;
const ATTITUDES = ['upright', 'prone', 'supine', 'left-side', 'right-side'];

/** How the rung is drawn: poses by their joints, what carries them, kit, and from where it is seen. */
export function FigureEditor({
  lists,
  figure,
  onChange,
}: {
  lists: Schemas['CatalogueView'];
  figure: Fields;
  onChange: (figure: Fields) => void;
}) {
  const [turned, setTurned] = useState(0);
  const set = (field: string, next: unknown) => {
    const changed = { ...figure, [field]: next };
    if (next === undefined) delete changed[field];
    onChange(changed);
  };
  const mirror = () => {
    setTurned(turned + 1);
    onChange(mirroredFigure(figure));
  };
  const fields = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    const field = fields.current;
    const pressed = (event: KeyboardEvent) => {
      if (!event.altKey || event.key.toLowerCase() !== 'm') return;
      event.preventDefault();
      mirror();
    };
    field?.addEventListener('keydown', pressed);
    return () => field?.removeEventListener('keydown', pressed);
  });
  return (
    <fieldset ref={fields} className="border-t border-hairline pt-2">
      <legend className="float-left mb-2 w-full font-display font-[650]">Figure</legend>
      <div key={turned} className="clear-both grid gap-3 sm:grid-cols-2">
        <p className="col-span-full text-sm text-ink2">
          Degrees from standing with hanging arms. ↑ and ↓ step the number at the caret by 5, with Shift by 1. Alt and M change
          left and right over.
        </p>
        {POSES.map(([at, title]) => (
          <Pose key={at} title={title} pose={figure[at]} lists={lists} onChange={(pose) => set(at, pose)} />
        ))}
        <TextArea
          label="Kit, one piece a line"
          hint="bench: 45 · wall: front · kettlebell: left-hand, kg: 16 · band: hands, to: 20 150 110, pull: 60"
          rows={3}
          defaultValue={kitLines(figure.kit)}
          onChange={(event) => set('kit', kitPieces(event.target.value))}
        />
        <div className="grid content-start gap-2">
          <TextField
            label="Seen from: degrees round and up"
            hint="0 from the right of a person standing, 90 from the front"
            defaultValue={anglesLine(figure.view)}
            onKeyDown={(event) => stepped(event, -180, 180)}
            onChange={(event) => set('view', anglesOf(event.target.value))}
          />
          <SelectField
            label="Drawn at work"
            value={textOf(figure.side) || 'left'}
            onChange={(event) => set('side', event.target.value)}
          >
            <option value="left">the left side</option>
            <option value="right">the right side</option>
          </SelectField>
          <Button onClick={mirror}>Mirror: left becomes right</Button>
        </div>
      </div>
    </fieldset>
  );
}

/** A pose: one that has a name, and what differs from it. */
function Pose({
  title,
  pose,
  lists,
  onChange,
}: {
  title: string;
  pose: unknown;
  lists: Schemas['CatalogueView'];
  onChange: (pose: unknown) => void;
}) {
  const own: Fields = typeof pose === 'string' ? { like: pose } : ((pose ?? {}) as Fields);
  const set = (field: string, next: unknown) => {
    const changed: Fields = { ...own, [field]: next };
    if (next === undefined || next === '') delete changed[field];
    onChange(Object.keys(changed).length === 0 ? undefined : changed);
  };
  const setSide = (side: string, joint: string, next: unknown) => {
    const changed: Fields = { ...((own[side] ?? {}) as Fields), [joint]: next };
    if (next === undefined) delete changed[joint];
    set(side, Object.keys(changed).length === 0 ? undefined : changed);
  };
  return (
    <fieldset className="col-span-full grid content-start gap-2 rounded-md border border-hairline p-2">
      <legend className="sr-only">{title}</legend>
      <div className="grid grid-cols-2 gap-2">
        <SelectField label={`${title}: like`} value={textOf(own.like)} onChange={(event) => set('like', event.target.value)}>
          <option value="">no named pose</option>
          {title !== 'Start' && <option value="start">the start</option>}
          {lists.poses.map((name) => (
            <option key={name} value={name}>
              {name.replaceAll('-', ' ')}
            </option>
          ))}
        </SelectField>
        <SelectField label="Lies" value={textOf(own.lies)} onChange={(event) => set('lies', event.target.value)}>
          <option value="">as named</option>
          {ATTITUDES.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </SelectField>
        <TextField
          label="Tilt: forward, right, round"
          className="px-1.5 font-mono text-sm"
          defaultValue={anglesLine(own.tilt)}
          onKeyDown={(event) => stepped(event, -180, 180)}
          onChange={(event) => set('tilt', anglesOf(event.target.value))}
        />
      </div>
      <details open={Object.keys(own).some((field) => !['like', 'lies', 'tilt'].includes(field))}>
        <summary className="min-h-6 text-sm text-ink2">joints, and what carries it</summary>
        <div className="grid gap-1.5 pt-1">
          <table className="w-full text-sm">
            <thead>
              <tr className="text-left text-ink2">
                <th scope="col" className="w-20 font-normal">
                  joint
                </th>
                <th scope="col" className="font-normal">
                  both
                </th>
                <th scope="col" className="font-normal">
                  left
                </th>
                <th scope="col" className="font-normal">
                  right
                </th>
              </tr>
            </thead>
            <tbody>
              {lists.joints.map(({ joint, paired, angles }) => (
                <tr key={joint} title={angles.map((one) => `${one.name} ${one.min} to ${one.max}`).join(', ')}>
                  <th scope="row" className="py-0.5 pr-1 text-left font-normal">
                    {joint.replace('-', ' ')}
                  </th>
                  <td className="py-0.5 pr-1" colSpan={paired ? 1 : 3}>
                    <Angles
                      name={`${title}: ${joint}`}
                      angles={angles}
                      value={own[joint]}
                      onChange={(next) => set(joint, next)}
                    />
                  </td>
                  {paired &&
                    ['left', 'right'].map((side) => (
                      <td key={side} className="py-0.5 pr-1">
                        <Angles
                          name={`${title}: ${side} ${joint}`}
                          angles={angles}
                          value={((own[side] ?? {}) as Fields)[joint]}
                          onChange={(next) => setSide(side, joint, next)}
                        />
                      </td>
                    ))}
                </tr>
              ))}
            </tbody>
          </table>
          <TextArea
            label="Carried by, one surface a line"
            hint={`floor: feet · bench: left-forearm, right-forearm. Places: ${lists.places.join(', ')}`}
            rows={2}
            defaultValue={onLines(own.on)}
            onChange={(event) => set('on', placesOn(event.target.value))}
          />
          <TextField
            label="Meets"
            hint="left-palm + right-palm, right-wrist + right-hip-side"
            defaultValue={touchLine(own.touch)}
            onChange={(event) => set('touch', touchPairs(event.target.value))}
          />
        </div>
      </details>
    </fieldset>
  );
}

function Angles({
  name,
  angles,
  value,
  onChange,
}: {
  name: string;
  angles: Schemas['AngleView'][];
  value: unknown;
  onChange: (next: unknown) => void;
}) {
  const [min, max] = [Math.min(...angles.map((one) => one.min)), Math.max(...angles.map((one) => one.max))];
  return (
    <input
      aria-label={name.replaceAll('-', ' ')}
      className="min-h-8 w-full min-w-0 rounded-sm border border-rail bg-paper px-1 font-mono text-sm"
      defaultValue={anglesLine(value)}
      onKeyDown={(event) => stepped(event, min, max)}
      onChange={(event) => onChange(anglesOf(event.target.value))}
    />
  );
}
