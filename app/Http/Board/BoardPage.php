<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\GateView;
use App\Http\Shared\ReasonView;
use App\Models\SetUp;
use App\Records\PersonFile;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Allowance;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Ruling;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A person as the board shows them: what the library itself says of the rungs is LibraryPage. */
final class BoardPage
{
    private const GHOST_DAYS = 28;

    /** @var array<string, Ruling> by rung */
    private array $rulings = [];

    /** Rungs that are open on both sides. */
    private int $open = 0;

    /** @var list<Position> where they stood four weeks ago */
    private readonly array $before;

    public function __construct(private readonly PersonFile $file)
    {
        $this->before = $file->record->positionsOn($file->record->today->plusDays(-self::GHOST_DAYS));
        foreach ($file->record->library->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $ruling = $file->record->circumstances()->rule($rung);
                $this->rulings[$rung->slug] = $ruling;
                $this->open += (int) $ruling->openOn(Side::Both);
            }
        }
    }

    public function view(): BoardView
    {
        $evenness = $this->file->record->evenness();
        $before = $this->file->record->evennessOf($this->before);
        $demands = [];
        foreach (Demand::cases() as $demand) {
            $ladders = array_values(array_filter($this->file->record->library->ladders(), static fn(Ladder $ladder): bool => $ladder->demand === $demand));
            if ($ladders === []) {
                continue;
            }
            $height = $evenness->heights[$demand->value] ?? null;
            $open = array_filter($this->file->record->library->meeting($demand), fn(Rung $rung): bool => $this->rulings[$rung->slug]->openSomewhere());
            $demands[] = new DemandView(
                value: $demand->value,
                shortName: $demand->shortName(),
                height: $height?->tenths,
                heightText: $height?->label(),
                toppedOut: in_array($demand, $evenness->toppedOut, true),
                guessed: in_array($demand, $evenness->guessed, true),
                weakest: $evenness->weakest === $demand,
                nothingFits: $open === [],
                ladders: array_map($this->ladder(...), $ladders),
            );
        }
        $putAway = count(array_filter($this->rulings, static fn(Ruling $ruling): bool => $ruling->putAway));

        return new BoardView(
            demands: $demands,
            spread: $evenness->spreadTenths,
            spreadText: $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            spreadReason: ReasonView::of($evenness->reason),
            ruledOut: count($this->rulings) - $this->open - $putAway,
            putAway: $putAway,
            spreadBefore: $before->spreadTenths === null ? null : Height::tenthsLabel($before->spreadTenths),
            setUps: array_values($this->file->person->setUps->map(static fn(SetUp $row): SetUpView => new SetUpView(rung: $row->rung, text: $row->text, version: $row->version))->all()),
        );
    }

    /** @return list<AllowanceView> what the trainer allowed on a ladder */
    private function allowed(string $ladder): array
    {
        return array_values(array_map(
            AllowanceView::of(...),
            array_filter($this->file->record->safety->allowances, fn(Allowance $allowance): bool => str_starts_with($allowance->rung, "{$ladder}/") && isset($this->rulings[$allowance->rung]) && $this->rulings[$allowance->rung]->allowed !== []),
        ));
    }

    /** @return list<AdvisedView> */
    private function advised(Ladder $ladder): array
    {
        $rungs = $reasons = [];
        foreach ($ladder->rungs as $rung) {
            $before = $this->rulings[$rung->slug]->advisedBefore;
            if ($before !== null) {
                $rungs[$before->slug][] = $rung->slug;
                $reasons[$before->slug] ??= Reason::because(Rule::ActivationBefore, "“{$before->name}” is advised before it, and is not done yet.", ['activation before' => $this->file->record->method->said(Question::ActivationBefore)], 'A place above it on the activation ladder.');
            }
        }

        return array_map(static fn(string $before): AdvisedView => new AdvisedView(before: $before, rungs: $rungs[$before], reason: ReasonView::of($reasons[$before])), array_keys($rungs));
    }

    private function ladder(Ladder $ladder): LadderView
    {
        $closed = [];
        foreach ($ladder->rungs as $rung) {
            $ruling = $this->rulings[$rung->slug];
            if (! $ruling->openOn(Side::Both)) {
                $closed[] = new ClosedRungView(
                    slug: $rung->slug,
                    openLeft: $ruling->openOn(Side::Left),
                    openRight: $ruling->openOn(Side::Right),
                    putAway: $ruling->putAway,
                    mayBeAllowed: $ruling->mayBeAllowed(),
                    reasons: ReasonView::all($ruling->reasons),
                );
            }
        }
        $here = $this->file->record->on($ladder->slug);

        return new LadderView(
            slug: $ladder->slug,
            closed: $closed,
            allowed: $this->allowed($ladder->slug),
            advised: $this->advised($ladder),
            stands: array_map(fn(Position $stand): PositionView => new PositionView(
                placement: $stand->placing,
                side: $stand->side,
                rung: $stand->rung->slug,
                height: $stand->rung->height->tenths,
                heightText: $stand->rung->height->label(),
                range: $stand->range?->print(),
                rangeText: $stand->range?->inWords() ?? '',
                placedOn: $stand->since?->iso() ?? '',
                reason: $stand->reason,
                stopped: $stand->stopped,
                mark: MarkView::of($stand->rung, $this->file->record->method, $this->file->mark($stand->rung->slug)),
                gate: GateView::of($this->file->record->judgement()->gate($stand)),
                next: $this->file->record->circumstances()->nextOpen($ladder, $stand->rung, up: true)?->slug,
            ), $here),
            ghosts: $this->ghosts($ladder->slug, $here),
            farAbove: $this->file->record->reach($ladder->slug)?->farAbove(),
            putAway: array_filter($ladder->rungs, fn(Rung $rung): bool => ! $this->rulings[$rung->slug]->putAway) === [],
        );
    }

    /**
     * @param list<Position> $here
     *
     * @return list<StoodView>
     */
    private function ghosts(string $ladder, array $here): array
    {
        $today = array_map(static fn(Position $stand): string => $stand->side->value.$stand->rung->slug, $here);
        $ghosts = [];
        foreach ($this->before as $stand) {
            if ($stand->rung->ladder === $ladder && ! in_array($stand->side->value.$stand->rung->slug, $today, true)) {
                $ghosts[] = new StoodView(ladder: $ladder, side: $stand->side, rung: $stand->rung->slug);
            }
        }

        return $ghosts;
    }
}
