<?php

/** Builds the view of the signed-in person: role, salon, places, colleagues for a change of person. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Security\CsrfToken;

final readonly class WhoAmI
{
    public function __construct(
        private EntityManagerInterface $manager,
        private CsrfToken $csrf,
        private OtherSalons $salons,
    ) {
    }

    public function of(Staff $staff): SessionView
    {
        $places = $this->manager
            ->getRepository(Place::class)
            ->findBy(['salon' => $staff->salon, 'open' => true], ['position' => 'ASC']);
        $colleagues = $this->manager
            ->getRepository(Staff::class)
            ->findBy(['salon' => $staff->salon, 'active' => true], ['name' => 'ASC']);

        return new SessionView(
            (string) $staff->id,
            $staff->name,
            $staff->role->value,
            $staff->role->label(),
            array_map(static fn (string $p): string => strtolower(substr($p, 5)), $staff->role->permissions()),
            $staff->salon->name,
            null === $staff->place ? null : (string) $staff->place->id,
            array_map(
                static fn (Place $p): array => ['id' => (string) $p->id, 'name' => $p->name, 'kind' => $p->kind],
                array_values($places),
            ),
            array_map(
                static fn (Staff $s): array => [
                    'id' => (string) $s->id,
                    'name' => $s->name,
                    'role' => $s->role->label(),
                ],
                array_values($colleagues),
            ),
            $this->csrf->of($staff->id),
            $staff->salon->currency,
            $staff->salon->demo,
            null === $staff->pinRefusedAt ? null : $staff->pinRefusedAt->format('Y-m-d\TH:i:s\Z'),
            $staff->theme,
            $staff->leftHanded,
            $staff->language ?? $staff->salon->language,
            $staff->language,
            $staff->salon->units,
            $this->salons->of($staff),
        );
    }
}
