<?php

/** Somebody says that they work in another salon here as well, or do not any more. No command, as with a password. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\DBAL\Connection;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\OtherSalons;
use KeenThistle\Staff\SalonForm;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Security\StaffProvider;
use KeenThistle\Staff\Throttle;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Uid\Uuid;

final readonly class WorksElsewhere
{
    public function __construct(
        private Connection $db,
        private StaffProvider $staff,
        private OtherSalons $salons,
        private Throttle $throttle,
        private PasswordHasherFactoryInterface $hashers,
        private ChangeLog $log,
    ) {
    }

    /** @throws Refused where name and password are nobody's, or of this salon */
    public function add(Actor $actor, SalonForm $form, string $address): void
    {
        $there = $this->staff->known(trim($form->login));
        $network = Throttle::network($address);
        $scopes = ['person' => (string) ($there->id ?? $actor->staff), 'network' => $network];
        $this->throttle->attempt($scopes);
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);
        if (null === $there) {
            // As long as a wrong password takes, so that names cannot be guessed by the clock.
            $hasher->hash($form->password);
        }
        if (null === $there || !$hasher->verify($there->passwordHash, $form->password)) {
            throw Refused::field('password', 'or the name is wrong');
        }
        $this->throttle->succeeded($scopes);
        if ($there->salon->id->equals($actor->salon)) {
            throw Refused::field('login', 'is of this salon: the one you have in the other is asked for');
        }
        $this->db->transactional(function () use ($actor, $there): void {
            $mine = $this->db->fetchOne('SELECT human FROM staff WHERE id = ? FOR UPDATE', [
                $actor->staff->toBinary(),
            ]);
            $human = \is_string($mine) ? $mine : ($there->human?->toBinary() ?? Uuid::v7()->toBinary());
            $this->db->executeStatement('UPDATE staff SET human = ? WHERE id IN (?, ?)', [
                $human,
                $actor->staff->toBinary(),
                $there->id->toBinary(),
            ]);
            $this->log->write($actor, [self::entry($actor, 'changes over to another salon from here')]);
        });
    }

    /** @throws Refused 404 where it is not theirs */
    public function leave(Actor $actor, string $id): void
    {
        $there = $this->salons->elsewhere($actor, $id) ?? throw Refused::notFound('salon');
        $this->db->executeStatement('UPDATE staff SET human = NULL WHERE id = ?', [$there->id->toBinary()]);
        $this->log->write($actor, [self::entry($actor, 'does not change over to another salon any more')]);
    }

    private static function entry(Actor $actor, string $words): Entry
    {
        return new Entry(null, 'person', (string) $actor->staff, "$actor->login $words");
    }
}
