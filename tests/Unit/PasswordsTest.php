<?php

/** Which passwords and PINs are refused, and why. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\People\Passwords;
use KeenThistle\People\PinRule;
use KeenThistle\Staff\Security\SignedIn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactory;

final class PasswordsTest extends TestCase
{
    private const OWN = ['Nell Sedgeley', 'nell', 'The Long Meadow'];

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'short' => ['kettle', '12 letters or more'];
        yield 'eleven' => ['kettle moss', '12 letters or more'];
        yield 'one letter' => [str_repeat('a', 40), 'same few letters'];
        yield 'four letters' => ['abababcdabcd', 'same few letters'];
        yield 'common' => ['passwordpassword', 'tried first'];
        yield 'common with digits around' => ['123 Sunshine 2026', 'tried first'];
        yield 'only digits' => ['192837465012', 'tried first'];
        yield 'own name' => ['Nell Sedgeley 1', 'little more than a name'];
        yield 'the salon' => ['thelongmeadow12', 'little more than a name'];
    }

    #[DataProvider('refused')]
    public function testThatOthersGuessFirst(string $password, string $why): void
    {
        try {
            $this->passwords()->hash($password, 'password', self::OWN);
            self::fail("$password was taken");
        } catch (InvalidInput $e) {
            self::assertSame('password', $e->all()[0]['field'] ?? '');
            self::assertStringContainsString($why, $e->all()[0]['message'] ?? '');
        }
    }

    public function testOthersAreKeptAsAHash(): void
    {
        foreach (['moss kettle ferry oar', 'pärlgrå ökenräv', '🐩🐾🧴✂️🪮🐕🦮🛁🫧🪒🧽🪣'] as $password) {
            $hash = $this->passwords()->hash($password, 'password', self::OWN);
            self::assertTrue($this->passwords()->isRight($password, $hash));
            self::assertFalse($this->passwords()->isRight($password.' ', $hash));
        }
    }

    /** @return iterable<string, array{string, bool}> */
    public static function pins(): iterable
    {
        $refused = ['1234', '4321', '0000', '1212', '123456', '9876', '2580', '1990', '2026'];
        foreach ([...$refused, '12', '123456789', 'abcd', "4071\n", '４０７１'] as $pin) {
            yield $pin => [$pin, false];
        }
        foreach (['4071', '8530', '90215', '27182818'] as $pin) {
            yield $pin => [$pin, true];
        }
    }

    #[DataProvider('pins')]
    public function testAPinIsNoneThatIsTriedFirst(string $pin, bool $taken): void
    {
        $why = null;
        try {
            PinRule::hold($pin, 'pin');
        } catch (InvalidInput $e) {
            $why = $e->all()[0]['field'] ?? null;
        }
        self::assertSame($taken ? null : 'pin', $why);
    }

    private function passwords(): Passwords
    {
        return new Passwords(
            new PasswordHasherFactory([
                SignedIn::class => ['algorithm' => 'argon2id', 'memory_cost' => 1024, 'time_cost' => 3],
            ]),
        );
    }
}
