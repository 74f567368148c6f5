<?php

/** Who is signed in, as the session knows them: no entity, so that asking who it is costs one small query. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Staff;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

final class SignedIn implements UserInterface, PasswordAuthenticatedUserInterface
{
    /** @param string|null $programme id of the programme that acts in their name by its token */
    public function __construct(
        public Actor $actor,
        private string $passwordHash,
        public readonly ?string $programme = null,
    ) {
    }

    public static function of(Staff $staff): self
    {
        return new self(Actor::of($staff), $staff->passwordHash);
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return $this->actor->permissions();
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

    /** What changes with their password, name or role: then they sign in again. The hash itself is not in it. */
    public function fingerprint(): string
    {
        return hash('sha256', implode("\n", [$this->actor->login, $this->actor->role->value, $this->passwordHash]));
    }
}
