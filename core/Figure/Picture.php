<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A figure as SVG for paper: the same positions as on the screen, in tones that read in black on white. */
final readonly class Picture
{
    private const INK = '#111';

    private const FAR = '#8a8a86';

    private const START = '#cfcdc6';

    private const RAIL = '#777';

    private const KIT = '#dcdad3';

    private const WEIGHT = '#55606b';

    private const MARGIN = 9;

    /** Kit that lies in front of the body; everything else is drawn behind it. */
    private const IN_FRONT = [PropKind::Dumbbell, PropKind::Kettlebell, PropKind::Plate, PropKind::MedicineBall, PropKind::AnkleWeight, PropKind::Loop, PropKind::Barbell];

    private function __construct(private Figure $figure, private Motion $motion, private Body $body) {}

    /** The end position, the start behind it, and the way of what moves. */
    public static function svg(Figure $figure): string
    {
        $motion = new Motion($figure);

        return (new self($figure, $motion, $motion->at($figure->end === null ? 0 : 1)))->drawn();
    }

    private function drawn(): string
    {
        [$left, $right, $top, $bottom] = $this->bounds();
        $start = $this->figure->end === null ? [] : $this->elsewhere($this->motion->at(0));
        $far = array_values(array_filter($this->body->pieces, static fn(Piece $piece): bool => $piece->isFar()));
        $near = array_values(array_filter($this->body->pieces, static fn(Piece $piece): bool => ! $piece->isFar()));
        $ground = $this->figure->view === View::Above
            ? sprintf('<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" rx="6" fill="#eceae4"/>', $left + 4, $bottom, $right - $left - 8, $top - $bottom)
            : self::line(new Point($left + 3, 0), new Point($right - 3, 0), self::RAIL, 1.6);
        [$width, $height] = [$right - $left, $top - $bottom + self::MARGIN + 8];

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%.1f" height="%.1f" viewBox="%.1f %.1f %1$.1f %2$.1f"><g transform="scale(1,-1)">', $width, $height, $left, -$top - self::MARGIN)
            .$ground
            .self::pieces($start, self::START)
            .$this->props($top, false)
            .self::pieces($far, $this->figure->view === View::Side ? self::FAR : self::INK)
            .self::pieces($near, self::INK)
            .$this->props($top, true)
            .implode('', array_map(self::arrow(...), $this->motion->ways()))
            .'</g></svg>';
    }

    /** @param list<Piece> $pieces */
    private static function pieces(array $pieces, string $tone): string
    {
        return implode('', array_map(static fn(Piece $piece): string => "<path d=\"{$piece->outline()}\" fill=\"{$tone}\"/>", $pieces));
    }

    /** @return list<Piece> the pieces of the start that are elsewhere at the end */
    private function elsewhere(Body $start): array
    {
        $moved = [];
        foreach ($start->pieces as $at => $piece) {
            if ($piece->from->distance($this->body->pieces[$at]->from) > 5 || $piece->to->distance($this->body->pieces[$at]->to) > 5) {
                $moved[] = $piece;
            }
        }

        return $moved;
    }

    private static function line(Point $from, Point $to, string $tone, float $width): string
    {
        return sprintf('<path d="M%.1f %.1fL%.1f %.1f" fill="none" stroke="%s" stroke-width="%.1f"/>', $from->x, $from->y, $to->x, $to->y, $tone, $width);
    }

    private static function circle(Point $at, float $radius, string $fill, string $stroke = 'none', float $width = 1): string
    {
        return sprintf('<circle cx="%.1f" cy="%.1f" r="%.1f" fill="%s" stroke="%s" stroke-width="%.1f"/>', $at->x, $at->y, $radius, $fill, $stroke, $width);
    }

    private static function box(float $x, float $y, float $width, float $height, string $fill = self::KIT): string
    {
        return sprintf('<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="%s" stroke="%s" stroke-width="1"/>', $x, $y, $width, $height, $fill, self::RAIL);
    }

    /** @param non-empty-list<Point> $way */
    private static function arrow(array $way): string
    {
        $tip = $way[count($way) - 1];
        $before = $way[max(0, count($way) - 3)];
        $angle = rad2deg(atan2($tip->y - $before->y, $tip->x - $before->x));
        $dots = implode('', array_map(static fn(Point $point): string => self::circle($point, 1.3, self::INK), array_slice($way, 0, -1)));

        return $dots.self::line($tip, $tip->go($angle + 149, 10.5), self::INK, 2.6).self::line($tip, $tip->go($angle - 149, 10.5), self::INK, 2.6);
    }

    private function props(float $top, bool $isFront): string
    {
        $drawn = '';
        foreach ($this->figure->props as $prop) {
            if (in_array($prop->kind, self::IN_FRONT, true) === $isFront) {
                $drawn .= $this->prop($prop, $this->body->at($prop->joint), $top);
            }
        }

        return $drawn;
    }

    private function prop(Prop $prop, Point $at, float $top): string
    {
        return match ($prop->kind) {
            PropKind::Wall => self::box($at->x + ($at->x < $this->body->at(Joint::Waist)->x ? -10 : 4), 0, 6, $top),
            PropKind::Bench => self::line(new Point($at->x - 18, 0), new Point($at->x - 18, $at->y - 5), self::RAIL, 3).self::line(new Point($at->x + 18, 0), new Point($at->x + 18, $at->y - 5), self::RAIL, 3).self::box($at->x - 24, $at->y - 11, 48, 6),
            PropKind::Step => self::box($at->x - 22, 0, 44, max(3, $at->y - 5)),
            PropKind::Blocks => self::box($at->x - 10, 0, 20, max(3, $at->y - 5)),
            PropKind::Pillow => self::box($at->x - 17, max(0, $at->y - 19), 34, 9),
            PropKind::Towel => self::box($at->x - 9, $at->y - 9, 18, 6),
            PropKind::Pad => self::box($at->x - 15, 0, 30, 4),
            PropKind::Slider => self::box($at->x - 12, 0, 24, 3, self::WEIGHT),
            PropKind::Dumbbell => self::box($at->x - 9, $at->y - 5, 18, 10, self::WEIGHT),
            PropKind::Kettlebell => self::line(new Point($at->x - 6, $at->y - 8), $at, self::WEIGHT, 3).self::line($at, new Point($at->x + 6, $at->y - 8), self::WEIGHT, 3).self::circle(new Point($at->x, $at->y - 13), 9, self::WEIGHT),
            PropKind::Plate => self::circle($at, 12, self::WEIGHT).self::circle($at, 3.4, '#fff'),
            PropKind::MedicineBall => self::circle($at, 11, self::WEIGHT),
            PropKind::Barbell => self::circle($at, 19, '#a9afb5', self::WEIGHT, 2).self::circle($at, 3.4, '#fff', self::WEIGHT),
            PropKind::AnkleWeight => self::circle($at, 7, self::WEIGHT),
            PropKind::Ball => self::circle(new Point($at->x, $radius = max(12, ($at->y - 6) / 2)), $radius, self::KIT, self::RAIL, 1.5),
            PropKind::Wheel => self::circle($at, 11, self::KIT, self::RAIL, 2.4).self::circle($at, 2.6, self::RAIL),
            PropKind::CornerBar => self::line($at, new Point($at->x + 92, 3), self::WEIGHT, 4.5),
            PropKind::Bar => self::line(new Point($at->x - 34, $at->y), new Point($at->x + 34, $at->y), self::RAIL, 5),
            PropKind::Band => self::band($at, $prop->direction ?? 180),
            PropKind::Loop => $this->loop($prop, $at),
            PropKind::Strap => self::strap($at, $prop->direction ?? 90, $top),
            PropKind::Dowel => $this->dowel($at, $prop->direction),
        };
    }

    private static function band(Point $at, int $direction): string
    {
        $anchor = $at->go($direction, 78);

        return self::line($at, $anchor, self::WEIGHT, 2.6).self::line($anchor->go($direction + 90, 9), $anchor->go($direction + 90, -9), self::RAIL, 5);
    }

    private function loop(Prop $prop, Point $at): string
    {
        $other = $this->body->at(match ($prop->joint) {
            Joint::Ankle => Joint::FarAnkle,
            Joint::Toe => Joint::FarToe,
            default => Joint::FarKnee,
        });

        return $at->distance($other) > 12 ? self::line($at, $other, self::WEIGHT, 4) : self::circle($at, 8, 'none', self::WEIGHT, 3.4);
    }

    private static function strap(Point $at, int $direction, float $top): string
    {
        $anchor = $at->go($direction, ($top - $at->y) / max(0.35, sin(deg2rad($direction))));

        return self::line($at, $anchor, self::WEIGHT, 2.4).self::line(new Point($anchor->x - 10, $anchor->y), new Point($anchor->x + 10, $anchor->y), self::RAIL, 4);
    }

    private function dowel(Point $at, ?int $direction): string
    {
        [$hip, $shoulder] = [$this->body->at(Joint::Hip), $this->body->at(Joint::Shoulder)];
        // Without a direction of its own it lies along the trunk.
        $along = $direction ?? rad2deg(atan2($shoulder->y - $hip->y, $shoulder->x - $hip->x));

        return self::line($at->go($along, 48), $at->go($along, -48), self::RAIL, 3.4);
    }

    /** @return array{float, float, float, float} left, right, top and bottom of the frame that holds every position and the kit */
    private function bounds(): array
    {
        [$left, $right, $top, $bottom] = [INF, -INF, -INF, 0.0];
        $isAbove = $this->figure->view === View::Above;
        $take = static function (Point $at, float $radius) use (&$left, &$right, &$top, &$bottom, $isAbove): void {
            [$left, $right, $top] = [min($left, $at->x - $radius), max($right, $at->x + $radius), max($top, $at->y + $radius)];
            $bottom = $isAbove ? min($bottom, $at->y - $radius) : $bottom;
        };
        foreach ($this->figure->end === null ? [0] : [0, 0.25, 0.5, 0.75, 1] as $part) {
            $body = $this->motion->at($part);
            foreach ($body->pieces as $piece) {
                $take($piece->from, $piece->fromRadius);
                $take($piece->to, $piece->toRadius);
            }
            foreach ($this->figure->props as $prop) {
                $at = $body->at($prop->joint);
                match ($prop->kind) {
                    PropKind::Band => $take($at->go($prop->direction ?? 180, 78), 10),
                    PropKind::CornerBar => $take(new Point($at->x + 92, $at->y), 4),
                    PropKind::Barbell => $take($at, 20),
                    PropKind::Bench, PropKind::Step, PropKind::Bar, PropKind::Wall, PropKind::Pillow => $take($at, 24),
                    PropKind::Ball => $take(new Point($at->x, 0), max(12, ($at->y - 6) / 2)),
                    PropKind::Strap => $top = max($top, 128, $at->y + 44),
                    default => null,
                };
            }
        }
        // Small figures are not blown up: the same body stays about the same size from picture to picture.
        $short = max(0.0, (($isAbove ? 90 : 150) - ($right - $left)) / 2);

        return [$left - self::MARGIN - $short, $right + self::MARGIN + $short, max($top, 84.0), $bottom];
    }
}
