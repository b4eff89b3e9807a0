import type { Schemas } from '@/api/client';
import { SelectField } from '@/ui/Field';

type Role = Schemas['CoreSlotView']['placement'];

export const roleWords: Record<Role, string> = {
  finisher: 'finisher',
  'own-day': 'on its own',
  daily: 'daily practice',
  primer: 'primer',
};

/** What a core session is to the rest of its day, and how hard it is planned to be. */
export function RoleFields({
  placement,
  effort,
  hardFrom,
  onChange,
}: {
  placement: Role;
  effort: number;
  hardFrom: number;
  onChange: (change: { placement?: Role; effort?: number }) => void;
}) {
  return (
    <>
      <SelectField label="Placement" value={placement} onChange={(event) => onChange({ placement: event.target.value as Role })}>
        {Object.entries(roleWords).map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </SelectField>
      <SelectField label="Planned effort" value={effort} onChange={(event) => onChange({ effort: Number(event.target.value) })}>
        {Array.from({ length: 11 }, (_, each) => (
          <option key={each} value={each}>
            {each} of 10{each === hardFrom && ', hard from here'}
          </option>
        ))}
      </SelectField>
    </>
  );
}
