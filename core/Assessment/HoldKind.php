<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Loads;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A position that is held for time until form is lost. Values are stored: never renamed. */
enum HoldKind: string
{
    case FrontPlankKnees = 'front-plank-knees';
    case FrontPlank = 'front-plank';
    case SidePlank = 'side-plank';
    case BackExtensor = 'back-extensor';
    case TrunkFlexor = 'trunk-flexor';
    case OneLegBridge = 'one-leg-bridge';

    public function label(): string
    {
        return match ($this) {
            self::FrontPlankKnees => 'Front plank, knees down',
            self::FrontPlank => 'Front plank, toes',
            self::SidePlank => 'Side plank',
            self::BackExtensor => 'Back extensor hold',
            self::TrunkFlexor => 'Trunk flexor hold',
            self::OneLegBridge => 'One-leg bridge',
        };
    }

    /** The rung whose version this test holds; null where no rung is held like that. */
    public function testedRung(): ?string
    {
        return match ($this) {
            self::FrontPlankKnees => 'front-plank/forearms-knees',
            self::FrontPlank => 'front-plank/forearms-toes',
            self::SidePlank => 'side-bridge/top-foot-front',
            self::BackExtensor => 'prone-extension/edge-hold',
            self::TrunkFlexor, self::OneLegBridge => null,
        };
    }

    public function isSided(): bool
    {
        return $this === self::SidePlank || $this === self::OneLegBridge;
    }

    /** @return list<Side> */
    public function sides(): array
    {
        return $this->isSided() ? [Side::Left, Side::Right] : [Side::Both];
    }

    /**
     * When the clock is stopped although form still holds, in seconds: 240 for the extensors
     * (Biering-Sørensen 1984, Spine 9:106–119; value from memory), else ten minutes (our own choice).
     */
    public function stopAtSeconds(): int
    {
        return $this === self::BackExtensor ? 240 : 600;
    }

    /** @return list<string> what to do, in order */
    public function setUp(): array
    {
        return match ($this) {
            self::FrontPlankKnees => ['Forearms under the shoulders, knees down, feet lifted.', 'One line from ear over hip to knee.'],
            self::FrontPlank => ['Forearms under the shoulders, toes down.', 'One line from ear over hip to heel.'],
            self::SidePlank => ['Elbow under the shoulder, legs straight, the top foot in front.', 'Lift the hips into line; the free hand on the other shoulder.'],
            self::BackExtensor => ['Face down with the hip bones at the edge of a bench, legs held fast.', 'Arms crossed on the chest, trunk level with the legs; a chair in reach of the hands.'],
            self::TrunkFlexor => ['Sit with knees and hips at a right angle, feet held, arms crossed on the chest.', 'Lean on a 60° wedge; pull it away a hand’s width and stay.'],
            self::OneLegBridge => ['On the back, one foot under the knee, the other leg straight beside that thigh.', 'Hips in line with shoulder and knee, level left and right.'],
        };
    }

    /** What ends the time (common practice: when form is lost, not when the person gives up). */
    public function endsWhen(): string
    {
        return match ($this) {
            self::FrontPlankKnees, self::FrontPlank => 'The hips sag or rise, or the breath is held.',
            self::SidePlank => 'The hips drop or turn away from the line.',
            self::BackExtensor => 'The trunk sinks below level; at 240 s it is stopped.',
            self::TrunkFlexor => 'The back touches the wedge.',
            self::OneLegBridge => 'The hips drop or tilt.',
        };
    }

    /**
     * The first reason not to test it on a side, or null.
     *
     * @param list<Limit> $limits
     */
    public function ruledOut(array $limits, Side $side): ?Reason
    {
        foreach ($limits as $limit) {
            $objection = $this->objection($limit, $side);
            if ($objection !== null) {
                return $objection;
            }
        }

        return null;
    }

    /** The reason a limit gives not to test it on a side, or null. Kit does not count: a test bench is the trainer's. */
    public function objection(Limit $limit, Side $side): ?Reason
    {
        $objection = $limit->objectsTo($this->loads(), $this->position(), []) ?? $this->tooLong($limit);
        // Only the side plank carries its weight on one side; every other hold needs both.
        if ($objection === null || ($this === self::SidePlank && ! $limit->side->meets($side))) {
            return null;
        }

        return Reason::because(
            Rule::LimitRulesOut,
            "“{$this->label()}” is not tested: {$limit->name}; it {$objection}.",
            ['limit' => $limit->name, ...($limit->origin === '' ? [] : ['where from' => $limit->origin])],
            'A climb test goes up in small trials instead.',
        );
    }

    /** Held as long as form allows it is longer than a limit that caps holds; null where none does. */
    private function tooLong(Limit $limit): ?string
    {
        foreach ($limit->caps as $cap) {
            if ($cap->concerns($this->position(), $this->demand())) {
                return "goes beyond “{$cap->inWords()}”";
            }
        }

        return null;
    }

    private function demand(): Demand
    {
        return match ($this) {
            self::FrontPlankKnees, self::FrontPlank => Demand::AntiExtension,
            self::SidePlank => Demand::AntiLateralFlexion,
            self::BackExtensor => Demand::AntiFlexion,
            self::TrunkFlexor => Demand::TrunkFlexion,
            self::OneLegBridge => Demand::HipStability,
        };
    }

    /** Every hold to the end of what form allows is a long strain. */
    private function loads(): Loads
    {
        return Loads::of(['long-strain' => 1, ...match ($this) {
            self::FrontPlankKnees => ['shoulder' => 1, 'kneeling' => 1],
            self::FrontPlank => ['shoulder' => 1],
            self::SidePlank => ['shoulder' => 2, 'compression' => 1],
            self::BackExtensor => ['trunk-extension' => 1, 'compression' => 2],
            self::TrunkFlexor => ['trunk-flexion' => 1, 'hip-flexor' => 2, 'neck' => 1],
            self::OneLegBridge => [],
        }]);
    }

    private function position(): Position
    {
        return match ($this) {
            self::FrontPlankKnees, self::FrontPlank => Position::ForearmSupport,
            self::SidePlank => Position::SideLying,
            self::BackExtensor => Position::Prone,
            self::TrunkFlexor => Position::Seated,
            self::OneLegBridge => Position::Supine,
        };
    }
}
