<?php

/** Finds the account that a typed name means. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use KeenThistle\Staff\Staff;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/** @implements UserProviderInterface<SignedIn> */
final readonly class StaffProvider implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function loadUserByIdentifier(string $identifier): SignedIn
    {
        $staff = $this->known($identifier) ?? throw new UserNotFoundException();

        return SignedIn::of($staff);
    }

    /** The account a typed name means: the database compares names without case, accents and invisible signs. */
    public function known(string $login): ?Staff
    {
        if ('' === $login) {
            return null;
        }
        // Whoever signs in may belong to any salon; the guard switches the filter on again for what follows.
        if ($this->manager->getFilters()->isEnabled('salon')) {
            $this->manager->getFilters()->disable('salon');
        }
        $staff = $this->manager
            ->createQuery(
                'SELECT s, salon, p FROM '.
                    Staff::class.
                    ' s JOIN s.salon salon LEFT JOIN s.place p WHERE s.active = true AND s.login = :login',
            )
            ->setParameter('login', $login)
            ->setHint(Query::HINT_REFRESH, true)
            ->getOneOrNullResult();

        return $staff instanceof Staff ? $staff : null;
    }

    /** A session is read by its own authenticator: nothing is refreshed here. */
    public function refreshUser(UserInterface $user): never
    {
        throw new UnsupportedUserException();
    }

    public function supportsClass(string $class): bool
    {
        return SignedIn::class === $class;
    }
}
