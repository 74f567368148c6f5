<?php

/** What a password must be: long, and none that others guess first; rules about signs only make it forgotten. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Staff\Security\SignedIn;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

final class Passwords
{
    public const LEAST = 12;
    public const MOST = 200;
    private const FEWEST_SIGNS = 5;

    /** @var array<string, int>|null */
    private ?array $common = null;

    public function __construct(private readonly PasswordHasherFactoryInterface $hashers)
    {
    }

    /**
     * The hash of a password that may be one.
     *
     * @param list<string> $own names of the person and the salon: a password made of them is guessed at once
     *
     * @throws InvalidInput naming the field
     */
    public function hash(#[\SensitiveParameter] string $password, string $field, array $own = []): string
    {
        $why = $this->fault($password, $own);
        if (null !== $why) {
            throw InvalidInput::at($field, $why);
        }

        return $this->hashers->getPasswordHasher(SignedIn::class)->hash($password);
    }

    public function isRight(#[\SensitiveParameter] string $password, string $hash): bool
    {
        return $this->hashers->getPasswordHasher(SignedIn::class)->verify($hash, $password);
    }

    /** @param list<string> $own */
    private function fault(string $password, array $own): ?string
    {
        if (mb_strlen($password) < self::LEAST) {
            return 'must have '.self::LEAST.' letters or more: four words that do not belong together are easy to keep';
        }
        if (\count(array_unique(mb_str_split($password))) < self::FEWEST_SIGNS) {
            return 'is the same few letters again and again';
        }
        $plain = mb_strtolower($password);
        foreach ($own as $name) {
            $name = mb_strtolower(trim($name));
            if (mb_strlen($name) >= 3) {
                $plain = str_replace([$name, str_replace(' ', '', $name)], '', $plain);
            }
        }
        if (mb_strlen($plain) < self::LEAST / 2) {
            return 'is little more than a name: others try that first';
        }

        return $this->isCommon($plain) ? 'is one of those that are tried first everywhere' : null;
    }

    /** As it is, without what people put around it, and where it is one twice. */
    private function isCommon(string $plain): bool
    {
        $bare = trim($plain, ' 0123456789!?.,;:_-*#+$@');
        $half = mb_substr($plain, 0, intdiv(mb_strlen($plain), 2));

        return '' === $bare
            || isset($this->common()[$plain])
            || isset($this->common()[$bare])
            || ($half.$half === $plain && isset($this->common()[$half]));
    }

    /** @return array<string, int> */
    private function common(): array
    {
        if (null !== $this->common) {
            return $this->common;
        }
        $read = file(__DIR__.'/common-passwords.txt', \FILE_IGNORE_NEW_LINES);

        return $this->common = array_flip(false === $read ? throw new \LogicException('The list ships.') : $read);
    }
}
