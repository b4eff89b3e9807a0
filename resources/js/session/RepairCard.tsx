import type { Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';

/** A warning in the pane with the key that repairs it. */
export function RepairCard({
  warning,
  hotkey,
  tone,
  onRepair,
}: {
  warning: Schemas['WarningView'];
  /** number or letter; null where there are more repairs than numbers */
  hotkey: number | string | null;
  tone: 'watch' | 'information';
  onRepair: () => void;
}) {
  return (
    <section
      className={cx('grid justify-items-start gap-2 border-l-4 bg-paper p-3', tone === 'watch' ? 'border-ochre' : 'border-slate')}
    >
      <Why title={tone === 'watch' ? 'Warning' : 'Proposal'} reasons={warning.reason} className="text-sm">
        {warning.reason.sentence}
      </Why>
      {warning.repair && (
        <Button className="text-sm" hotkey={hotkey === null ? undefined : String(hotkey)} onClick={onRepair}>
          {warning.repair.label}
        </Button>
      )}
    </section>
  );
}
