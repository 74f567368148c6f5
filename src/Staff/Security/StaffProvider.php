<?php

/** Finds the signed-in person again on every request, with salon and place in one query. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use KeenThistle\Staff\Staff;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Symfony\Component\Uid\Uuid;

/** @implements UserProviderInterface<Staff> */
final readonly class StaffProvider implements UserProviderInterface
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function loadUserByIdentifier(string $identifier): Staff
    {
        return $this->known($identifier) ?? throw new UserNotFoundException();
    }

    /** The account a typed name means: the database compares names without case, accents and invisible signs. */
    public function known(string $login): ?Staff
    {
        return '' === $login ? null : $this->find('s.login = :value', $login);
    }

    public function refreshUser(UserInterface $user): Staff
    {
        if (!$user instanceof Staff) {
            throw new UnsupportedUserException();
        }

        return $this->find('s.id = :value', $user->id) ?? throw new UserNotFoundException();
    }

    public function supportsClass(string $class): bool
    {
        return Staff::class === $class;
    }

    private function find(string $where, string|Uuid $value): ?Staff
    {
        // Whoever signs in may belong to any salon; the guard switches the filter on again for what follows.
        if ($this->manager->getFilters()->isEnabled('salon')) {
            $this->manager->getFilters()->disable('salon');
        }
        $staff = $this->manager
            ->createQuery(
                'SELECT s, salon, p FROM '.
                    Staff::class.
                    " s JOIN s.salon salon LEFT JOIN s.place p WHERE s.active = true AND $where",
            )
            ->setParameter('value', $value, $value instanceof Uuid ? 'uuid' : null)
            ->setHint(Query::HINT_REFRESH, true)
            ->getOneOrNullResult();

        return $staff instanceof Staff ? $staff : null;
    }
}
