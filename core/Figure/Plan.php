<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/** A figure as its author writes it: one body in one, two or three poses, its kit, and from where it is seen. */
final readonly class Plan
{
    /** From the right of a person standing, a little from the front and from above. */
    private const VIEW = [20, 10];

    /** Of a way from start to end, so many are drawn; between them a limb loses no visible length. */
    private const PARTS = 6;

    /**
     * @param non-empty-list<Pose> $poses start, and where it moves, the way and the end
     * @param Side                 $side  at work, where one is
     * @param array{int, int}      $view  degrees round (0 from the right of a person standing, 90 from the front) and up
     */
    public function __construct(public array $poses, public Setting $setting, public array $view, public Side $side = Side::Left) {}

    /**
     * @param array<array-key, mixed> $data  start, middle, end: a pose, or the name of one; kit, view, side
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data, Stances $named): self
    {
        $data = FlatPose::isOne($data) ? FlatPose::translated($data) : $data;
        $unknown = array_diff(array_keys($data), ['start', 'middle', 'end', 'kit', 'view', 'side']);
        if ($unknown !== []) {
            throw new \InvalidArgumentException('A body has no “'.implode('”, “', $unknown).'”.');
        }
        $start = $data['start'] ?? throw new \InvalidArgumentException('The body has no start.');
        $poses = [$named->pose($start)];
        foreach (['middle', 'end'] as $next) {
            if (isset($data[$next])) {
                $poses[] = $named->pose($data[$next], $start);
            }
        }
        $view = $data['view'] ?? self::VIEW;
        if (! is_array($view) || ! is_int($view[0] ?? null) || ! is_int($view[1] ?? null) || abs($view[0]) > 360 || abs($view[1]) > 90) {
            throw new \InvalidArgumentException('A view is two whole numbers of degrees: round, and up.');
        }
        $side = Side::tryFrom(is_string($data['side'] ?? 'left') ? $data['side'] ?? 'left' : '');
        if ($side === null || $side === Side::Both) {
            throw new \InvalidArgumentException('The side at work is left or right.');
        }
        $plan = new self($poses, Setting::of($data['kit'] ?? []), [$view[0], $view[1]], $side);
        foreach ($poses as $pose) {
            foreach ($pose->supports as $support) {
                $plan->setting->surface($support->surface);
            }
        }

        return $plan;
    }

    /** The same body with other kit. */
    public function with(Setting $setting): self
    {
        return new self($this->poses, $setting, $this->view, $this->side);
    }

    /** What a plan is known by: another one after every change of it. */
    public function fingerprint(): string
    {
        return substr(sha1((string) json_encode($this)), 0, 16);
    }

    /** @return non-empty-list<Stood> each pose on its supports, what stays where it was staying there */
    public function stands(Solver $solver): array
    {
        $stands = [];
        $last = null;
        foreach ($this->poses as $pose) {
            $stands[] = $last = $solver->stand($pose, $this->setting, $last);
        }

        return $stands;
    }

    /**
     * The way from start to end in equal parts.
     *
     * @param non-empty-list<Stood> $stands as `stands` made them
     *
     * @return non-empty-list<Stood>
     */
    public function way(Solver $solver, array $stands): array
    {
        $way = [$stands[0]];
        $last = count($stands) - 1;
        $parts = $last === 0 ? 0 : intdiv(self::PARTS, $last);
        for ($leg = 0; $leg < $last; $leg++) {
            [$from, $to] = [$stands[$leg] ?? $stands[0], $stands[$leg + 1] ?? $stands[0]];
            $pose = new Pose($from->body->posture, $this->poses[$leg]->supports ?? [], $this->poses[$leg]->touches ?? []);
            $next = new Pose($to->body->posture, $this->poses[$leg + 1]->supports ?? [], $this->poses[$leg + 1]->touches ?? []);
            for ($part = 1; $part < $parts; $part++) {
                $way[] = $solver->between($pose, $next, $part / $parts, $this->setting, $from, $to);
            }
            $way[] = $to;
        }

        return $way;
    }
}
