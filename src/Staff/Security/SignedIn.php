<?php

/** Who is signed in, as the session knows them: no entity, so that asking who it is costs one small query. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Staff;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

final class SignedIn implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface
{
    /** @param string $passwordHash its checksum where it comes out of a session */
    public function __construct(public Actor $actor, private string $passwordHash)
    {
    }

    public static function of(Staff $staff): self
    {
        return new self(Actor::of($staff), $staff->passwordHash);
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return $this->actor->role->permissions();
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->actor->login
            ? throw new \LogicException('A person needs a sign-in name.')
            : $this->actor->login;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    #[\Deprecated]
    public function eraseCredentials(): void
    {
    }

    /** Whoever has another password, name or role since has to sign in again. */
    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self
            && $this->actor->staff->equals($user->actor->staff)
            && $this->actor->login === $user->actor->login
            && $this->actor->role === $user->actor->role
            && self::checksum($this->passwordHash) === self::checksum($user->passwordHash);
    }

    /**
     * What the session keeps: enough to find the person again and to notice a changed password, not the hash.
     *
     * @return array{actor: Actor, check: string}
     */
    public function __serialize(): array
    {
        return ['actor' => $this->actor, 'check' => self::checksum($this->passwordHash)];
    }

    /** @param array{actor: Actor, check: string} $data */
    public function __unserialize(array $data): void
    {
        $this->actor = $data['actor'];
        $this->passwordHash = 'crc32c:'.$data['check'];
    }

    private static function checksum(string $hash): string
    {
        return str_starts_with($hash, 'crc32c:') ? substr($hash, 7) : hash('crc32c', $hash);
    }
}
