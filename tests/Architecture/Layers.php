<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The arrows between the layers, checked by PHPStan. LayersTest proves that breaking one is noticed. */
final class Layers
{
    #[TestRule]
    public function coreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('EvenRungs'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Laravel'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Opis'),
            )
            ->because('the core knows no framework');
    }

    #[TestRule]
    public function groundFloorKnowsNothingAbove(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('EvenRungs\Body'), Selector::inNamespace('EvenRungs\Reason'), Selector::inNamespace('EvenRungs\Calendar'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('EvenRungs\Assessment'),
                Selector::inNamespace('EvenRungs\Balance'),
                Selector::inNamespace('EvenRungs\Dose'),
                Selector::inNamespace('EvenRungs\Ladder'),
                Selector::inNamespace('EvenRungs\Load'),
                Selector::inNamespace('EvenRungs\Method'),
                Selector::inNamespace('EvenRungs\Progress'),
                Selector::inNamespace('EvenRungs\Screening'),
                Selector::inNamespace('EvenRungs\Session'),
            )
            ->because('body, reason and calendar are the ground floor');
    }

    #[TestRule]
    public function dosesAndLaddersKnowNoSession(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('EvenRungs\Dose'), Selector::inNamespace('EvenRungs\Ladder'), Selector::inNamespace('EvenRungs\Screening'), Selector::inNamespace('EvenRungs\Method'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('EvenRungs\Session'), Selector::inNamespace('EvenRungs\Progress'), Selector::inNamespace('EvenRungs\Balance'), Selector::inNamespace('EvenRungs\Assessment'))
            ->because('arrows point inward, without circles');
    }

    #[TestRule]
    public function programIsTheRoof(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('EvenRungs'))
            ->excluding(Selector::inNamespace('EvenRungs\Program'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('EvenRungs\Program'))
            ->because('the program is the roof of the core');
    }

    #[TestRule]
    public function appDoesNotReachIntoItsOwnEdge(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Models'), Selector::inNamespace('App\Library'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('HTTP calls the use cases, not the other way round');
    }
}
