<?php

/** Stored recipes and their line: nothing of a recipe is lost on the way there and back. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use PHPUnit\Framework\TestCase;

final class PlanLineTest extends TestCase
{
    use TestTrait;

    public function testARecipeComesBackAsItWas(): void
    {
        $this->forAll(
            Generators::choose(0, 7),
            Generators::choose(1, 400),
            Generators::choose(0, 2),
            Generators::choose(0, 11),
            Generators::choose(0, 9),
            Generators::choose(0, 63),
        )->then(static function (int $method, int $n, int $lay, int $stop, int $reason, int $bits): void {
            $recipe = self::recipe(Method::cases()[$method], $n, Lay::cases()[$lay], $bits);
            $recipe->stopLine = Way::STOPS[$stop] ?? null;
            $recipe->reason = Way::REASONS[$reason] ?? null;
            $line = PlanLine::of(['back' => $recipe]);
            $read = Notation::parse($line);
            self::assertSame([], $read->faults, $line);
            $read = PlanLine::recipe($read->plan['back']);
            self::assertSame(RecipeCodec::toArray($recipe), RecipeCodec::toArray($read), $line);
        });
    }

    public function testWhatIsNotPlannedIsNotWritten(): void
    {
        self::assertSame('', PlanLine::of(['back' => new ZoneRecipe()]));
        self::assertNull(PlanLine::way(new ZoneRecipe()));
    }

    public function testAGuardIsCalledOnlyWhenItHasANameOfItsOwn(): void
    {
        $recipe = self::recipe(Method::Guard, 16, Lay::With, 0);
        self::assertSame('back: 16/10', PlanLine::of(['back' => $recipe]));
        $recipe->tool = 'the blue one';
        self::assertSame('back: 16/10 called "the blue one"', PlanLine::of(['back' => $recipe]));
    }

    private static function recipe(Method $method, int $n, Lay $lay, int $bits): ZoneRecipe
    {
        $blades = BladeTable::labels();
        $recipe = new ZoneRecipe();
        $recipe->method = $method;
        if (Method::Guard === $method) {
            $recipe->guardUm = 1000 * $n;
            $recipe->base = BladeTable::GUARD_BASES[0 === $n % 2 ? 0 : $n % 4];
            $recipe->tool = "$n mm guard";
        } elseif ($method->hasToolLength()) {
            $recipe->blade = $recipe->tool = $blades[$n % \count($blades)];
        } elseif (0 !== ($bits & 1)) {
            $recipe->enteredUm = 100 * $n;
        }
        $recipe->lay = $method->hasToolLength() ? $lay : null;
        $recipe->shape = 0 !== ($bits & 2) ? "shape; \"$n\"" : null;
        $recipe->note = 0 !== ($bits & 4) ? 'minds it: #1 @ the vet' : null;
        $recipe->clipperUnit = 0 !== ($bits & 8) ? 'quiet one' : null;
        $recipe->carry = 0 !== ($bits & 16) ? 'do_not_repeat' : 'repeat';
        $recipe->exception = 0 !== ($bits & 32);

        return $recipe;
    }
}
