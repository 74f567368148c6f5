<?php

/** Lets people in by a one-time link: who begins a salon, who joins one, who has forgotten their password. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Staff;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Uid\Uuid;

/** All or nothing: a link is used up only by what it has led to. */
final readonly class Newcomers
{
    private const TAKEN = 'is somebody\'s already: choose another, such as your first name and the salon\'s';

    public function __construct(
        private EntityManagerInterface $manager,
        private OneTimeLinks $links,
        private Passwords $passwords,
        private PasswordHasherFactoryInterface $hashers,
        private ChangeLog $log,
    ) {
    }

    /**
     * @param OneTimeLink|null $link null: from the shell of the server
     *
     * @throws InvalidInput naming the field
     * @throws Refused      where the link was used meanwhile
     */
    public function begin(Begin $begin, ?OneTimeLink $link): Staff
    {
        $name = self::name($begin->salon, 'salon');
        $place = self::name($begin->place, 'place');
        $join = new Join($begin->name, $begin->login, $begin->password, $begin->pin);

        return $this->once($link, function () use ($begin, $name, $place, $join): array {
            $salon = new Salon(Uuid::v7(), $name);
            $salon->currency = $begin->currency;
            $salon->timeZone = $begin->time_zone;
            $salon->hemisphere = $begin->hemisphere;
            $salon->language = $begin->language;
            $salon->units = $begin->units;
            $first = new Place(Uuid::v7(), $salon, $place, $begin->place_kind, 0);
            $this->manager->persist($salon);
            $this->manager->persist($first);
            $manager = $this->person($salon, $join, Role::Manager, $first);
            $manager->confidence = 5;

            return [$manager, 'house', (string) $salon->id, "$salon->name begun, with $first->name"];
        });
    }

    public function join(Join $join, OneTimeLink $link): Staff
    {
        $salon = $link->salon ?? throw new \LogicException('Who joins joins a salon.');

        return $this->once($link, function () use ($join, $link, $salon): array {
            // Closed since the invitation: then they work anywhere.
            $place = true === $link->place?->open ? $link->place : null;
            $person = $this->person($salon, $join, $link->role ?? Role::Apprentice, $place);
            $person->email = $link->to;

            return [$person, 'person', (string) $person->id, "$person->name has joined as ".$person->role->label()];
        });
    }

    public function choosePassword(NewPassword $new, OneTimeLink $link): Staff
    {
        $person = $link->staff ?? throw new \LogicException('A password is somebody\'s.');

        return $this->once($link, function () use ($new, $person): array {
            if (!$person->active) {
                throw Refused::forbidden("$person->name does not work in this salon any more.");
            }
            $own = [$person->name, $person->login, $person->salon->name];
            $person->passwordHash = $this->passwords->hash($new->password, 'password', $own);

            return [$person, 'person', (string) $person->id, "$person->name has chosen a new password"];
        });
    }

    /** @param callable(): array{Staff, string, string, string} $do whose, and what the log is to say */
    private function once(?OneTimeLink $link, callable $do): Staff
    {
        $db = $this->manager->getConnection();
        $db->beginTransaction();
        try {
            if (null !== $link) {
                $this->links->use($link);
            }
            [$person, $kind, $subject, $words] = $do();
            $this->manager->flush();
            $this->log->write(Actor::of($person), [new Entry(null, $kind, $subject, $words)]);
            $db->commit();

            return $person;
        } catch (\Throwable $e) {
            $db->rollBack();
            $this->manager->clear();
            throw $e instanceof UniqueConstraintViolationException ? InvalidInput::at('login', self::TAKEN) : $e;
        }
    }

    private function person(Salon $salon, Join $join, Role $role, ?Place $place): Staff
    {
        $login = mb_strtolower(trim($join->login));
        $name = $join->name;
        $hash = '';
        // What is wrong is said all at once.
        $faults = [];
        $checks = [
            static function () use (&$name): void {
                $name = self::name($name, 'name');
            },
            static fn (): ?string => 1 === preg_match('/^[\p{L}\p{N}._@+-]{2,80}$/Du', $login)
                ? null
                : throw InvalidInput::at('login', 'may have letters, digits and . _ - + @, and no spaces'),
            static fn () => PinRule::hold($join->pin, 'pin'),
            function () use (&$hash, $join, $login, $salon): void {
                $hash = $this->passwords->hash($join->password, 'password', [$join->name, $login, $salon->name]);
            },
        ];
        foreach ($checks as $check) {
            try {
                $check();
            } catch (InvalidInput $e) {
                $faults[] = $e;
            }
        }
        if ([] !== $faults) {
            throw InvalidInput::several($faults);
        }
        $pin = $this->hashers->getPasswordHasher(SignedIn::class)->hash($join->pin);
        $person = new Staff(Uuid::v7(), $salon, $name, $login, $role, $hash, $pin, $place);
        $this->manager->persist($person);

        return $person;
    }

    /** @throws InvalidInput for one that is all signs and spaces */
    private static function name(string $text, string $field): string
    {
        $text = trim($text);

        return mb_strlen($text) >= 2 && 1 === preg_match('/[\p{L}\p{N}]/u', $text)
            ? $text
            : throw InvalidInput::at($field, 'must be a name of two letters or more');
    }
}
