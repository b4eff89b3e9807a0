import { DndContext, PointerSensor, closestCenter, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { AllowRung } from '@/frame/AllowRung';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { CircuitHead, RestField } from './CircuitHead';
import { PARTS, type Block } from './draft';
import { ExerciseRow } from './ExerciseRow';
import { useComposing } from './useComposer';

/** The exercises block by block, in parts; dragged by hand. */
export function ExerciseList() {
  const { draft, preview, order, chosen, change } = useComposing();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, over: onto, delta }: DragEndEvent) => {
    const dragged = String(active.id);
    if (!onto || dragged === String(onto.id)) return;
    change({
      do: 'place',
      items: chosen.includes(dragged) ? chosen : [dragged],
      over: String(onto.id),
      after: delta.y > 0,
    });
  };
  const parts = new Set(draft.blocks.map((block) => block.part));
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={order} strategy={verticalListSortingStrategy}>
        <ol className="@container grid gap-1.5">
          {draft.blocks.map((block, at) => (
            <li key={block.items[0]?.id ?? at} className="grid gap-1.5">
              {parts.size + (parts.has('main') ? 0 : 1) > 1 && draft.blocks[at - 1]?.part !== block.part && (
                <h2 className="mt-2 mb-1 text-base">{PARTS.find(({ part }) => part === block.part)?.label}</h2>
              )}
              <div className={cx(block.kind === 'circuit' && 'grid gap-1.5 border-l-4 border-ink pl-3')}>
                {block.kind === 'circuit' && (
                  <CircuitHead
                    view={preview.blocks[at]}
                    stations={block.items.length}
                    roundRest={block.roundRestSeconds}
                    onRoundRest={(seconds) => change({ do: 'round-rest', block: at, seconds })}
                  />
                )}
                {block.items.map((item, index) => (
                  <div key={item.id}>
                    {block.kind === 'circuit' && index > 0 && (
                      <RestField
                        label="gap"
                        className="ml-10 py-1"
                        seconds={block.gapSeconds[index - 1] ?? 0}
                        onChange={(seconds) => change({ do: 'gap', block: at, gap: index - 1, seconds })}
                      />
                    )}
                    <Exercise block={block} item={item} />
                  </div>
                ))}
              </div>
            </li>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function Exercise({ block, item }: { block: Block; item: Block['items'][number] }) {
  const {
    order,
    chosen,
    current,
    setCurrent,
    repairs,
    change,
    fields,
    pick,
    move,
    leave,
    setSwapping,
    nextDoses,
    waits,
    nameOf,
    upToDate,
    person,
    again,
  } = useComposing();
  const view = repairs.views.get(item.id);
  const next = nextDoses.data?.doses.find((dose) => dose.rung === item.rung);
  return (
    <ExerciseRow
      number={order.indexOf(item.id) + 1}
      rung={item.rung}
      name={nameOf(item.id, item.rung)}
      id={item.id}
      view={view}
      dose={item.dose}
      straight={block.kind === 'straight'}
      picked={chosen.includes(item.id)}
      current={current === item.id}
      warnings={repairs.rows.get(item.id) ?? []}
      waits={waits.find((waiting) => waiting.item === item.id)?.reason ?? null}
      next={
        block.kind === 'straight' &&
        (next?.rises || next?.lighter) &&
        view?.problem === null &&
        next.dose !== item.dose && (
          <p className="flex items-baseline gap-x-1 text-sm text-slate">
            <Why title="Next dose" reasons={next.reason}>
              {next.rises ? '△' : '▽'} next <span className="font-mono">{next.dose}</span>
            </Why>
            <Button
              look="quiet"
              className="min-h-6 py-0 text-sm"
              onClick={() => change({ do: 'swap', item: item.id, rung: item.rung, dose: next.dose })}
            >
              take it
            </Button>
          </p>
        )
      }
      allow={
        view?.leftOut &&
        view.mayBeAllowed && (
          <AllowRung person={person.id} rung={{ slug: item.rung, name: view.name }} reasons={view.reasons} onChanged={again} />
        )
      }
      editing={{
        inputRef: (element) => {
          if (element) fields.set(item.id, element);
          else fields.delete(item.id);
        },
        onChange: (dose) => change({ do: 'dose', item: item.id, dose }),
        onFields: (written) => change({ do: 'fields', item: item.id, fields: written }),
        onSettle: () => leave(item.id),
        onNext: () => fields.get(order[order.indexOf(item.id) + 1] ?? '')?.focus(),
      }}
      onFocus={() => setCurrent(item.id)}
      onBlur={() => setCurrent(null)}
      onPick={(range) => pick(item.id, range)}
      onMove={(by) => move(item.id, by)}
      upToDate={upToDate}
      onSwap={() => setSwapping(item.id)}
      onRemove={() => change({ do: 'remove', items: [item.id] })}
    />
  );
}
