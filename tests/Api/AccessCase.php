<?php

/** A good body and a row for every route, for the test of who may what. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Demo\DemoLoader;
use KeenThistle\InOut\SalonFormat;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;

abstract class AccessCase extends ApiTestCase
{
    protected const ROLES = [
        'maren' => 'manager',
        'tove' => 'groomer',
        'idris' => 'mobile_groomer',
        'pell' => 'bather',
        'junia' => 'front_desk',
        'wim' => 'apprentice',
    ];
    protected const ALL = ['manager', 'groomer', 'mobile_groomer', 'bather', 'front_desk', 'apprentice'];
    protected const TABLE = ['manager', 'groomer', 'mobile_groomer'];

    /**
     * method and path => [roles that may, an id in the path belongs to a salon]. Ids are filled in by the tests.
     *
     * @return array<string, array{list<string>, bool}>
     */
    protected static function table(): array
    {
        return [
            'GET /api/dogs' => [self::ALL, false],
            'GET /api/dogs/new/hints' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], false],
            'POST /api/dogs' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], false],
            'PUT /api/dogs/{id}' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], true],
            'GET /api/dogs/{id}/card' => [self::ALL, true],
            'POST /api/dogs/{id}/answer' => [self::ALL, true],
            'PUT /api/dogs/{id}/plan/{zone}' => [self::TABLE, true],
            'POST /api/dogs/{id}/plan/changes' => [self::TABLE, true],
            'DELETE /api/dogs/{id}/plan/{zone}' => [self::TABLE, true],
            'POST /api/dogs/{id}/visits' => [[...self::TABLE, 'bather'], true],
            'POST /api/dogs/{id}/bookings' => [[...self::TABLE, 'front_desk'], true],
            'GET /api/bookings' => [self::ALL, false],
            'GET /api/day' => [self::ALL, false],
            'GET /api/emergency' => [self::ALL, false],
            'PUT /api/bookings/{id}' => [[...self::TABLE, 'front_desk'], true],
            'PUT /api/bookings/{id}/date' => [[...self::TABLE, 'front_desk'], true],
            'PUT /api/bookings/{id}/missed' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/bookings/{id}/missed' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/bookings/{id}/ask' => [[...self::TABLE, 'front_desk'], true],
            'GET /api/places/{id}/till' => [[...self::TABLE, 'front_desk'], false],
            'GET /api/arrivals/{id}/bill' => [[...self::TABLE, 'front_desk'], false],
            'GET /api/bookings/{id}/bill' => [[...self::TABLE, 'front_desk'], false],
            'POST /api/bills/answer' => [[...self::TABLE, 'front_desk'], false],
            'POST /api/bills' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/bills/{id}/back' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/bills/{id}/receipt' => [[...self::TABLE, 'front_desk'], true],
            'PUT /api/bookings/{id}/charge' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/bookings/{id}/deposit' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/drawer' => [[...self::TABLE, 'front_desk'], true],
            'GET /api/exports' => [['manager'], false],
            'POST /api/exports' => [['manager'], false],
            'GET /api/exports/{id}' => [['manager'], false],
            'POST /api/contacts/answer' => [['manager'], false],
            'POST /api/contacts' => [['manager'], false],
            'POST /api/appointments/answer' => [['manager'], false],
            'POST /api/appointments' => [['manager'], false],
            'GET /api/imports' => [['manager'], false],
            'POST /api/imports' => [['manager'], false],
            'POST /api/imports/salon' => [['manager'], false],
            'GET /api/imports/{id}' => [['manager'], false],
            'POST /api/imports/{id}/answer' => [['manager'], false],
            'POST /api/imports/{id}' => [['manager'], false],
            'DELETE /api/imports/{id}' => [['manager'], false],
            'GET /api/integrations' => [['manager'], false],
            'POST /api/integrations' => [['manager'], false],
            'DELETE /api/integrations/{id}' => [['manager'], true],
            'PUT /api/integrations/{id}/tell' => [['manager'], true],
            'POST /api/deliveries/{id}/again' => [['manager'], true],
            'GET /api/changes' => [self::ALL, false],
            'GET /api/calendars' => [self::ALL, false],
            'PUT /api/me/calendar' => [self::ALL, false],
            'DELETE /api/me/calendar' => [self::ALL, false],
            'PUT /api/calendars/{id}' => [['manager'], true],
            'DELETE /api/calendars/{id}' => [['manager'], true],
            'GET /api/floor/desk' => [[...self::TABLE, 'front_desk'], false],
            'DELETE /api/bookings/{id}' => [[...self::TABLE, 'front_desk'], true],
            'GET /api/kit' => [self::ALL, false],
            'POST /api/kit' => [['manager'], false],
            'GET /api/kit/catalogue' => [self::ALL, false],
            'POST /api/kit/catalogue' => [['manager'], false],
            'GET /api/kit/{id}' => [self::ALL, true],
            'PUT /api/kit/{id}' => [['manager'], true],
            'POST /api/kit/{id}/entries' => [[...self::TABLE, 'bather'], true],
            'DELETE /api/kit/entries/{id}' => [[...self::TABLE, 'bather'], true],
            'PUT /api/kit/{id}/measurement' => [['manager'], true],
            'POST /api/kit/{id}/measurement/answer' => [self::ALL, true],
            'POST /api/kit/{id}/calliper/answer' => [self::ALL, true],
            'GET /api/kit/derivations/{id}' => [self::ALL, true],
            'GET /api/jobs' => [['manager'], false],
            'GET /api/jobs/{id}' => [self::ALL, true],
            'POST /api/jobs/{id}/again' => [['manager'], true],
            'POST /api/outbox/{id}/again' => [['manager'], true],
            'GET /api/wash' => [self::ALL, false],
            'POST /api/wash/products' => [['manager'], false],
            'PUT /api/wash/products/{id}' => [['manager'], true],
            'POST /api/wash/bottles' => [[...self::TABLE, 'bather'], false],
            'PUT /api/wash/bottles/{id}' => [[...self::TABLE, 'bather'], true],
            'POST /api/dogs/{id}/reactions' => [[...self::TABLE, 'bather'], true],
            'DELETE /api/dogs/{id}/reactions/{reaction}' => [[...self::TABLE, 'bather'], true],
            'GET /api/dogs/{id}/then' => [self::ALL, true],
            'GET /api/visits/{id}' => [self::ALL, true],
            'GET /api/patterns' => [self::ALL, false],
            'POST /api/patterns' => [self::TABLE, false],
            'GET /api/patterns/{id}' => [self::ALL, true],
            'PUT /api/patterns/{id}' => [self::TABLE, true],
            'DELETE /api/patterns/{id}' => [self::TABLE, true],
            'POST /api/patterns/{id}/spread/answer' => [self::ALL, true],
            'DELETE /api/patterns/{id}/spread/{change}' => [self::TABLE, true],
            'GET /api/dogs/{id}/pattern' => [self::ALL, true],
            'PUT /api/dogs/{id}/pattern' => [self::TABLE, true],
            'DELETE /api/dogs/{id}/pattern' => [self::TABLE, true],
            'POST /api/dogs/{id}/pattern/answer' => [self::ALL, true],
            'GET /api/log' => [self::ALL, false],
            'POST /api/log/{id}/undo' => [self::TABLE, true],
            'POST /api/dogs/{id}/arrivals' => [[...self::TABLE, 'bather'], true],
            'GET /api/arrivals/{id}' => [self::ALL, true],
            'PUT /api/arrivals/{id}/kind' => [[...self::TABLE, 'bather'], true],
            'PUT /api/arrivals/{id}/comb' => [[...self::TABLE, 'bather'], true],
            'PUT /api/arrivals/{id}/check' => [[...self::TABLE, 'bather'], true],
            'POST /api/arrivals/{id}/agreement' => [[...self::TABLE, 'bather'], true],
            'POST /api/arrivals/{id}/photos' => [[...self::TABLE, 'bather'], true],
            'GET /api/photos/{id}/{size}' => [self::ALL, true],
            'DELETE /api/photos/{id}' => [['manager'], true],
            'DELETE /api/agreements/{id}/link' => [[...self::TABLE, 'bather'], true],
            'DELETE /api/grooms/{id}/care-link' => [[...self::TABLE, 'bather'], true],
            'PUT /api/dogs/{id}/handling/{tool}' => [[...self::TABLE, 'bather'], true],
            'POST /api/dogs/{id}/handling/{tool}/ladder' => [[...self::TABLE, 'bather'], true],
            'GET /api/house' => [self::ALL, false],
            'PUT /api/house' => [['manager'], false],
            'GET /api/prices' => [self::ALL, false],
            'GET /api/agenda' => [self::ALL, false],
            'GET /api/floor' => [self::ALL, false],
            'GET /api/waiting' => [self::ALL, false],
            'POST /api/dogs/{id}/waiting' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/waiting/{id}' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/quote/answer' => [self::ALL, false],
            'GET /api/dogs/{id}/apart' => [self::ALL, true],
            'GET /api/dogs/{id}/same' => [self::ALL, true],
            'GET /api/dogs/{id}/histories' => [self::ALL, true],
            'GET /api/dogs/{id}/histories/warnings' => [self::ALL, true],
            'POST /api/dogs/{id}/histories' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/dogs/{id}/histories/file' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/dogs/{id}/copy' => [[...self::TABLE, 'front_desk'], true],
            // Of two salons: who may what of it is tested with what they share.
            'GET /api/histories/{id}' => [self::ALL, false],
            'DELETE /api/histories/{id}' => [[...self::TABLE, 'front_desk'], false],
            'GET /api/dogs/{id}/everything' => [['manager'], true],
            'GET /api/homes/{id}/everything' => [['manager'], false],
            'GET /api/homes/{id}/erasure' => [['manager'], false],
            'POST /api/homes/{id}/erasure' => [['manager'], false],
            'POST /api/dogs/{id}/merge' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/merges/{id}' => [[...self::TABLE, 'front_desk'], false],
            'GET /api/dogs/{id}/walk-in' => [self::ALL, true],
            'PUT /api/arrivals/{id}/collected' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/arrivals/{id}/collected' => [[...self::TABLE, 'front_desk'], true],
            'GET /api/dogs/{id}/proposals' => [self::ALL, true],
            'GET /api/agenda/week' => [self::ALL, false],
            'GET /api/dogs/{id}/year' => [self::ALL, true],
            'POST /api/dogs/{id}/year/answer' => [self::ALL, true],
            'POST /api/dogs/{id}/series/answer' => [self::ALL, true],
            'POST /api/dogs/{id}/series' => [[...self::TABLE, 'front_desk'], true],
            'DELETE /api/series/{id}' => [[...self::TABLE, 'front_desk'], true],
            'POST /api/prices/answer' => [['manager'], false],
            'POST /api/prices' => [['manager'], false],
            'PUT /api/prices/{id}' => [['manager'], true],
            'DELETE /api/prices/{id}' => [['manager'], true],
            'GET /api/dogs/{id}/order' => [self::ALL, true],
            'GET /api/dogs/{id}/kinds' => [self::ALL, true],
            'POST /api/house/answer' => [self::ALL, false],
            'POST /api/house/example/answer' => [self::ALL, false],
            'GET /api/dogs/{id}/schools' => [self::ALL, true],
            'PUT /api/dogs/{id}/schools' => [self::TABLE, true],
            'PUT /api/dogs/{id}/hard-lines' => [self::TABLE, true],
            'GET /api/dogs/{id}/line' => [self::ALL, true],
            'POST /api/dogs/{id}/line/answer' => [self::ALL, true],
            'PUT /api/dogs/{id}/line' => [self::TABLE, true],
            'GET /api/dogs/{id}/repeat' => [self::ALL, true],
            'GET /api/dogs/{id}/measures' => [self::ALL, true],
            'PUT /api/dogs/{id}/measures' => [[...self::TABLE, 'bather'], true],
            'POST /api/dogs/{id}/grooms' => [[...self::TABLE, 'bather'], true],
            'GET /api/grooms/{id}' => [self::ALL, true],
            'POST /api/grooms/{id}/taps' => [[...self::TABLE, 'bather'], true],
            'POST /api/grooms/{id}/probe/answer' => [[...self::TABLE, 'bather'], true],
            'POST /api/grooms/{id}/ask' => [[...self::TABLE, 'bather'], true],
            'GET /api/grooms/{id}/finish' => [self::ALL, true],
            'POST /api/grooms/{id}/close' => [[...self::TABLE, 'bather'], true],
            'GET /api/incidents' => [self::ALL, false],
            'GET /api/outbox' => [self::ALL, false],
            'GET /api/words' => [self::ALL, false],
            'GET /api/away' => [[...self::TABLE, 'bather'], false],
            'GET /api/dogs/{id}/away' => [[...self::TABLE, 'bather'], true],
            'POST /api/me/pin/answer' => [self::ALL, false],
            'GET /api/round' => [self::ALL, false],
            'PUT /api/round/times' => [[...self::TABLE, 'front_desk'], true],
            'PUT /api/vans/{id}' => [['manager'], true],
            'POST /api/roads/shut' => [[...self::TABLE, 'front_desk'], false],
            'DELETE /api/roads/shut/{id}' => [[...self::TABLE, 'front_desk'], true],
            'PUT /api/homes/{id}/spot' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], true],
            'GET /api/homes/{id}' => [self::ALL, true],
            'PUT /api/homes/{id}' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], true],
            'PUT /api/dogs/{id}/home' => [['manager', 'groomer', 'mobile_groomer', 'front_desk'], true],
            'GET /api/people' => [['manager'], false],
            'POST /api/people/invitations' => [['manager'], false],
            'DELETE /api/people/invitations/{id}' => [['manager'], true],
            'PUT /api/people/{id}' => [['manager'], true],
            'POST /api/people/{id}/reset' => [['manager'], true],
            'GET /api/places' => [['manager'], false],
            'POST /api/places' => [['manager'], false],
            'PUT /api/places/{id}' => [['manager'], true],
            'PUT /api/me/password' => [self::ALL, false],
            'PUT /api/me/pin' => [self::ALL, false],
            'PUT /api/me/screen' => [self::ALL, false],
            'POST /api/me/salons' => [self::ALL, false],
            'DELETE /api/me/salons/{id}' => [self::ALL, false],
            'GET /api/me/sign-ins' => [self::ALL, false],
            // One's own only: another's is tested with people.
            'DELETE /api/me/sign-ins/{id}' => [self::ALL, false],
            'GET /api/people/sign-ins' => [['manager'], false],
            'GET /api/upkeep' => [['manager'], false],
            'GET /api/session' => [self::ALL, false],
            'DELETE /api/session' => [self::ALL, false],
            'POST /api/session/person' => [self::ALL, false],
        ];
    }

    /** One whose files are there: those made up for a removal are older and have none. */
    protected ?string $photo = null;

    protected function fill(string $path, string $dog): string
    {
        $id = match (true) {
            str_starts_with($path, '/api/bookings/') => $this->idOf('booking b JOIN dog d ON d.id = b.dog_id', 'b'),
            str_starts_with($path, '/api/merges/') => $this->aMerge(),
            str_starts_with($path, '/api/imports/') => $this->anImport(),
            str_starts_with($path, '/api/histories/') => $this->aHistory(),
            str_starts_with($path, '/api/integrations/') => $this->aProgramme(),
            str_starts_with($path, '/api/deliveries/') => $this->aDelivery(),
            str_starts_with($path, '/api/exports/') => $this->anExport(),
            str_starts_with($path, '/api/calendars/') => $this->aPlace(),
            str_starts_with($path, '/api/bills/') => $this->aBill(),
            str_starts_with($path, '/api/series/') => $this->aSeries(),
            str_starts_with($path, '/api/waiting/') => $this->aWaitingDog(),
            str_starts_with($path, '/api/kit/entries/') => $this->anotherEntry(),
            str_starts_with($path, '/api/kit/derivations/') => $this->aDerivation(),
            str_starts_with($path, '/api/jobs/') => $this->aJob(),
            str_starts_with($path, '/api/outbox/') => $this->aMessage(),
            str_starts_with($path, '/api/wash/products/') => $this->idOf('wash_product w', 'w'),
            str_starts_with($path, '/api/wash/bottles/') => $this->idOf('wash_bottle w', 'w'),
            str_starts_with($path, '/api/visits/') => $this->idOf('visit v', 'v'),
            str_starts_with($path, '/api/patterns/') => $this->idOf('house_pattern h', 'h'),
            str_starts_with($path, '/api/prices/') => $this->idOf(
                "price_list l JOIN salon s ON s.id = l.salon_id AND s.name = 'The Fulling Room' AND ".
                    'l.begins > CURDATE()',
                'l',
            ),
            str_starts_with($path, '/api/kit/') => $this->idOf(
                "kit_item k JOIN salon s ON s.id = k.salon_id AND s.name = 'The Fulling Room' AND k.kind = 'blade'",
                'k',
            ),
            str_starts_with($path, '/api/arrivals/') => $this->idOf('arrival a JOIN dog d ON d.id = a.dog_id', 'a'),
            str_starts_with($path, '/api/grooms/') => $this->idOf(
                "groom g JOIN dog d ON d.id = g.dog_id AND d.name = 'Osric'",
                'g',
            ),
            str_starts_with($path, '/api/me/salons/') => $this->idOf("staff t WHERE t.login = 'sunniva'", 't'),
            str_starts_with($path, '/api/me/sign-ins/') => $this->signInOfWhoAsks(),
            str_starts_with($path, '/api/people/invitations/') => $this->anInvitation(),
            str_starts_with($path, '/api/homes/') => $this->idOf(
                "household h JOIN salon s ON s.id = h.salon_id AND s.name = 'The Fulling Room'",
                'h',
            ),
            str_starts_with($path, '/api/vans/') => $this->idOf("place p WHERE p.kind = 'van'", 'p'),
            str_starts_with($path, '/api/roads/shut/') => $this->aShutRoad(),
            str_starts_with($path, '/api/places/') => $this->aPlace(),
            str_starts_with($path, '/api/people/') => $this->idOf("staff t WHERE t.login = 'wim'", 't'),
            str_starts_with($path, '/api/agreements/') => $this->idOf('agreement a', 'a'),
            str_starts_with($path, '/api/photos/') => ($this->photo ??= $this->idOf('photo p', 'p')),
            str_starts_with($path, '/api/log/') => $this->idOf(
                "change_log c JOIN salon s ON s.id = c.salon_id AND s.name = 'The Fulling Room'",
                'c',
            ),
            default => $this->dogId($dog),
        };

        return str_replace(
            ['{id}', '{zone}', '{tool}', '{size}', '{reaction}', '{change}'],
            [
                $id,
                'back',
                'clipper',
                'small',
                str_contains($path, '{reaction}') ? $this->aReaction() : '',
                str_contains($path, '{change}') ? $this->idOf('change_log c', 'c') : '',
            ],
            $path,
        );
    }

    protected function anotherEntry(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            'INSERT INTO tool_entry (id, item_id, staff_id, salon_id, kind, at, minutes, dirt) SELECT ?, '.
                'item_id, staff_id, salon_id, kind, at, minutes, dirt FROM tool_entry ORDER BY id LIMIT 1',
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function aDerivation(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            'INSERT INTO derivation (id, item_id, staff_id, salon_id, at, done, total, changed) SELECT ?, k.id, '.
                's.id, k.salon_id, NOW(), 0, 0, 0 FROM kit_item k JOIN staff s ON s.salon_id = k.salon_id ORDER BY '.
                'k.id LIMIT 1',
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function aJob(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            'INSERT INTO job (id, salon_id, staff_id, subject, about, command, state, total, at) SELECT ?, '.
                "s.salon_id, s.id, s.id, 'counting', '[]', 'failed', 1, NOW() FROM staff s WHERE s.login = 'maren'",
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function anInvitation(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO one_time_link (id, kind, name, sent_to, made_at, until_at, salon_id)
                SELECT ?, 'join', 'Nell', '', NOW(), DATE_ADD(NOW(), INTERVAL 7 DAY), id FROM salon
                WHERE name = 'The Fulling Room'",
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function aMessage(): string
    {
        $this->db()->executeStatement("UPDATE message SET state = 'failed'");

        return $this->idOf('message m', 'm');
    }

    protected function aWaitingDog(): string
    {
        $id = Uuid::v7();
        $dog = Uuid::fromString($this->dogId('Tansy'))->toBinary();
        $this->db()->executeStatement("DELETE FROM waiting_dog WHERE kind = 'nails'");
        $this->db()->executeStatement(
            "INSERT INTO waiting_dog (id, dog_id, salon_id, kind, since, until, note)
                SELECT ?, id, salon_id, 'nails', NOW(), NOW(), '' FROM dog WHERE id = ?",
            [$id->toBinary(), $dog],
        );

        return (string) $id;
    }

    protected function anExport(): string
    {
        $name = 'The Fulling Room';
        $salon = Uuid::fromBinary(self::text($this->db()->fetchOne('SELECT id FROM salon WHERE name = ?', [$name])));
        $folder = $_SERVER['EXPORT_DIR'] ?? '';
        \assert(\is_string($folder) && '' !== $folder);
        (new Filesystem())->dumpFile("$folder/$salon/".($id = Uuid::v7()).'.zip', 'x');

        return (string) $id;
    }

    /** Of one salon and nothing else: enough to be looked through; the worker refuses it where dogs are. */
    protected static function smallSalon(): string
    {
        $format = self::getContainer()->get(SalonFormat::class);
        \assert($format instanceof SalonFormat);
        $row = array_map(
            static fn (string $type): mixed => match (rtrim($type, '?')) {
                'integer', 'number' => 1,
                'boolean' => false,
                'json' => [],
                'id' => (string) Uuid::v7(),
                'day' => '2026-01-01',
                'instant' => '2026-01-01T00:00:00Z',
                default => 'x',
            },
            $format->tables()['salon'],
        );

        return json_encode(
            ['format' => SalonFormat::NAME, 'version' => 1, 'made_at' => '', 'tables' => ['salon' => [$row]]],
            \JSON_THROW_ON_ERROR,
        );
    }

    protected function anEmptyHome(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO household (id, salon_id, name, note)
            SELECT ?, salon_id, 'Moor', '' FROM staff WHERE login = 'maren'",
            [$id->toBinary()],
        );

        return (string) $id;
    }

    /** Another record of a dog, with nothing on it. */
    protected function newRecord(string $of = 'Tansy'): string
    {
        $id = Uuid::v7();
        $columns = $this->db()->fetchFirstColumn(
            "SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = 'dog'
            AND column_name <> 'id' AND extra NOT LIKE '%GENERATED%'",
        );
        $list = implode(', ', array_map(static fn (mixed $c): string => '`'.self::text($c).'`', $columns));
        $this->db()->executeStatement("INSERT INTO dog (id, $list) SELECT ?, $list FROM dog WHERE id = ?", [
            $id->toBinary(),
            Uuid::fromString($this->dogId($of))->toBinary(),
        ]);

        return (string) $id;
    }

    protected function aMerge(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO dog_merge (id, salon_id, staff_id, kept_id, dog_id, state, moved, at)
            SELECT ?, s.salon_id, s.id, ?, ?, 'active', '{}', NOW() FROM staff s WHERE s.login = 'maren'",
            [
                $id->toBinary(),
                Uuid::fromString($this->dogId('Tansy'))->toBinary(),
                Uuid::fromString($this->newRecord())->toBinary(),
            ],
        );

        return (string) $id;
    }

    /** A sheet that was given; to be taken out: one that was taken in. */
    protected function anImport(string $state = 'read'): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO import (id, salon_id, staff_id, name, state, at)
            SELECT ?, s.salon_id, s.id, 'dogs.csv', ?, NOW() FROM staff s WHERE s.login = 'maren'",
            [$id->toBinary(), $state],
        );
        $raw = $this->db()->fetchOne("SELECT salon_id FROM staff WHERE login = 'maren'");
        $salon = Uuid::fromBinary(self::text($raw));
        $folder = $_SERVER['EXPORT_DIR'] ?? '';
        \assert(\is_string($folder) && '' !== $folder);
        $csv = "Dog,Breed,Owner,Phone\nMoss $id,poodle,Nell Sedgeley,0555 014 7700\n";
        (new Filesystem())->dumpFile("$folder/.in/$salon/$id.csv", $csv);

        return (string) $id;
    }

    /** One that both salons have: asked by one of the other. */
    protected function aHistory(string $state = 'allowed'): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO history_ask (id, salon_id, dog_id, staff_id, named, from_salon_id, from_dog_id,
                asked_at, state, parts, since)
            SELECT ?, d.salon_id, d.id, s.id, 'The Fulling Room', d.salon_id, d.id, NOW(), ?, '[\"card\"]', NOW()
            FROM dog d JOIN staff s ON s.login = 'maren' WHERE d.name = 'Osric'",
            [$id->toBinary(), $state],
        );

        return (string) $id;
    }

    /** @param string $path at which it is given, of the dog that it is of */
    protected function aCopy(string $path): string
    {
        $this->ask('POST', str_replace('/histories/file', '/copy', $path));
        $given = (string) $this->client->getResponse()->getContent();
        $this->fresh();

        return $given;
    }

    /** What is sent as a file, by path; null: the route takes none. */
    protected static function file(string $line): ?string
    {
        return match ($line) {
            'POST /api/imports' => "Dog,Breed\nMoss,poodle\n",
            'POST /api/imports/salon' => self::smallSalon(),
            'POST /api/contacts', 'POST /api/contacts/answer' => "BEGIN:VCARD\nVERSION:4.0\nFN:Nell\nEND:VCARD\n",
            'POST /api/appointments',
            'POST /api/appointments/answer' => "BEGIN:VCALENDAR\nVERSION:2.0\nEND:VCALENDAR\n",
            default => null,
        };
    }

    protected function aProgramme(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO integration (id, salon_id, staff_id, name, may, made_at, until_at)
            SELECT ?, s.salon_id, s.id, 'books', '[\"read\"]', NOW(), DATE_ADD(NOW(), INTERVAL 7 DAY)
            FROM staff s WHERE s.login = 'maren'",
            [$id->toBinary()],
        );

        return (string) $id;
    }

    /** One that was not taken. */
    protected function aDelivery(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO delivery (id, salon_id, integration_id, after_position, up_to, at, state)
            SELECT ?, i.salon_id, i.id, 0, 1, NOW(), 'failed' FROM integration i WHERE i.id = ?",
            [$id->toBinary(), Uuid::fromString($this->aProgramme())->toBinary()],
        );

        return (string) $id;
    }

    protected function aBill(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO sale (id, salon_id, number, place_id, staff_id, day, at, reversed, why, bill_lines, payments,
                total, change_given)
            SELECT ?, p.salon_id, 900000 + COALESCE((SELECT MAX(number) FROM sale), 0), p.id, s.id, CURRENT_DATE, NOW(),
                '[]', '', ?, '[]', 0, 0 FROM place p JOIN staff s ON s.salon_id = p.salon_id WHERE p.id = ? LIMIT 1",
            [
                $id->toBinary(),
                '[{"kind":"product","label":"Comb","minor":0,"tax_percent":0,"person":""}]',
                Uuid::fromString($this->aPlace())->toBinary(),
            ],
        );

        return (string) $id;
    }

    protected function aSeries(): string
    {
        $this->db()->executeStatement('UPDATE booking SET series = id WHERE series IS NULL');

        return $this->idOf('booking b', 'b');
    }

    protected function aShutRoad(): string
    {
        $id = Uuid::v7();
        $this->db()->executeStatement(
            "INSERT INTO road_shut (id, day, way, shut_from, shut_to, staff_id, salon_id)
            SELECT ?, CURDATE(), 'weir_bridge', '00:00', '24:00', s.id, s.salon_id FROM staff s
            WHERE s.login = 'maren'",
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function aPlace(): string
    {
        return $this->idOf("place p JOIN salon s ON s.id = p.salon_id AND s.name = 'The Fulling Room'", 'p');
    }

    protected function aReaction(): string
    {
        $id = (string) Uuid::v7();
        $this->db()->executeStatement('UPDATE dog SET reactions = ? WHERE id = ?', [
            json_encode([
                [
                    'id' => $id,
                    'product' => $id,
                    'name' => 'soap',
                    'what' => 'red',
                    'on' => '2026-01-01',
                    'who' => 'Nell',
                ],
            ]),
            Uuid::fromString($this->dogId('Tansy'))->toBinary(),
        ]);

        return $id;
    }

    protected function anotherPhoto(): string
    {
        // Older than a day, so that its maker may not any more either.
        $id = Uuid::fromString(
            \Symfony\Component\Uid\UuidV7::generate(new \DateTimeImmutable('-2 days')),
        );
        $this->db()->executeStatement(
            'INSERT INTO photo (id, arrival_id, staff_id, salon_id, zone, moment, width, height) SELECT ?, '.
                'arrival_id, staff_id, salon_id, zone, moment, width, height FROM photo ORDER BY id LIMIT 1',
            [$id->toBinary()],
        );

        return (string) $id;
    }

    protected function idOf(string $from, string $alias): string
    {
        return (string) Uuid::fromBinary(
            self::text($this->db()->fetchOne("SELECT $alias.id FROM $from ORDER BY $alias.id LIMIT 1")),
        );
    }

    /** @return array<string, mixed>|null a body that passes the shape where one is needed */
    protected function body(string $line): ?array
    {
        return match ($line) {
            'PUT /api/dogs/{id}/plan/{zone}' => self::blade('10'),
            'POST /api/dogs/{id}/plan/changes' => [
                'changes' => [['zone' => 'back', 'version' => 1, 'recipe' => self::blade('10')]],
            ],
            'POST /api/dogs/{id}/answer' => ['zone' => 'back', 'recipe' => self::blade('10')],
            'POST /api/dogs/{id}/visits' => ['day' => date('Y-m-d'), 'zones' => []],
            'POST /api/dogs/{id}/bookings' => ['day' => date('Y-m-d')],
            'POST /api/dogs/{id}/year/answer' => ['visits' => []],
            'POST /api/quote/answer' => ['kg' => 10, 'coat' => 'curly'],
            'POST /api/dogs/{id}/waiting' => ['since' => date('Y-m-d'), 'until' => date('Y-m-d')],
            'PUT /api/arrivals/{id}/collected' => ['with' => 'Nell', 'owner_said' => 'yes'],
            'POST /api/dogs/{id}/series/answer' => ['first' => date('Y-m-d'), 'every' => 6],
            'POST /api/dogs/{id}/series' => ['first' => date('Y-m-d'), 'every' => 6],
            'POST /api/bills/answer' => ['place' => $this->aPlace(), 'due_minor' => 0],
            'POST /api/bills' => [
                'place' => $this->aPlace(),
                'due_minor' => 0,
                'products' => [['name' => 'Comb', 'minor' => 100]],
                'payments' => [['way' => 'card', 'minor' => 100]],
            ],
            'POST /api/bills/{id}/back' => ['place' => $this->aPlace(), 'why' => 'wrong'],
            'PUT /api/bookings/{id}/charge' => ['why' => 'sorry'],
            'DELETE /api/bookings/{id}/deposit' => ['place' => $this->aPlace()],
            'POST /api/dogs/{id}/histories' => ['salon' => 'Some other salon'],
            'POST /api/integrations' => ['name' => 'books', 'may' => ['read']],
            'PUT /api/integrations/{id}/tell' => ['tell' => ''],
            'POST /api/drawer' => ['place' => $this->aPlace(), 'counted_minor' => 0, 'stays_minor' => 0],
            'PUT /api/bookings/{id}/date' => ['day' => date('Y-m-d'), 'time' => '16:45', 'kind' => 'nails'],
            'PUT /api/arrivals/{id}/comb' => ['zones' => []],
            'PUT /api/arrivals/{id}/kind' => ['kind' => 'tidy'],
            'PUT /api/arrivals/{id}/check' => ['kg' => 8.0],
            'POST /api/arrivals/{id}/agreement' => [
                'agreed' => false,
                'signed_by' => 'Nell',
                'comb_version' => 1,
                'check_version' => 1,
                'choice' => 'as_reckoned',
            ],
            'PUT /api/dogs/{id}/handling/{tool}' => ['tolerance' => 3],
            'POST /api/dogs/{id}/handling/{tool}/ladder' => ['rung' => 'near_body', 'calm' => true],
            'POST /api/dogs', 'PUT /api/dogs/{id}' => [
                'name' => 'Brisk',
                'breed' => 'cross',
                'coat' => 'wire',
                'owner' => ['name' => 'Nell Sedgeley', 'phone' => '0555 014 0000'],
            ],
            'PUT /api/kit/{id}/measurement', 'POST /api/kit/{id}/measurement/answer' => [
                'measured_mm' => 1.4,
                'confirmed' => true,
            ],
            'POST /api/kit/{id}/calliper/answer' => ['stroke' => 0],
            'POST /api/kit' => ['kind' => 'rake', 'label' => 'fine rake', 'place' => $this->aPlace()],
            'POST /api/kit/catalogue' => ['place' => $this->aPlace(), 'tools' => ['blade 3F']],
            'PUT /api/kit/{id}' => ['place' => $this->aPlace()],
            'POST /api/kit/{id}/entries' => ['kind' => 'disinfected'],
            'POST /api/wash/products', 'PUT /api/wash/products/{id}' => ['name' => 'Oat wash', 'ratio' => '1:10'],
            'POST /api/wash/bottles' => ['product' => $this->idOf('wash_product w', 'w'), 'litres' => 1],
            'PUT /api/wash/bottles/{id}' => ['poured' => true],
            'POST /api/dogs/{id}/reactions' => ['product' => $this->idOf('wash_product w', 'w'), 'what' => 'red'],
            'POST /api/patterns' => ['name' => 'Pattern '.bin2hex(random_bytes(4)), 'line' => 'back: 10'],
            'PUT /api/patterns/{id}' => ['name' => 'Weir rounds', 'line' => 'back: 10'],
            'POST /api/patterns/{id}/spread/answer' => ['line' => 'back: 10'],
            'PUT /api/dogs/{id}/pattern' => ['pattern' => $this->idOf('house_pattern h', 'h'), 'zones' => []],
            'POST /api/dogs/{id}/pattern/answer' => ['pattern' => $this->idOf('house_pattern h', 'h')],
            'POST /api/grooms/{id}/taps' => [
                'sent_at' => date('Y-m-d\TH:i:s.000\Z'),
                'device' => 'tablet-1',
                'taps' => [['id' => bin2hex(random_bytes(8)), 'at' => date('Y-m-d\TH:i:s.000\Z'), 'kind' => 'resume']],
            ],
            'POST /api/dogs/{id}/line/answer', 'PUT /api/dogs/{id}/line' => ['line' => 'back: 10'],
            'POST /api/house/answer' => ['schools' => SchoolTable::defaults()],
            'POST /api/house/example/answer' => ['point' => 'nails', 'schools' => SchoolTable::defaults()],
            'PUT /api/dogs/{id}/schools' => ['point' => 'voice', 'side' => 'marker'],
            'PUT /api/dogs/{id}/hard-lines' => ['zone' => 'back', 'other' => 'loin', 'wanted' => true],
            'POST /api/grooms/{id}/probe/answer' => ['blade' => '10'],
            'POST /api/people/invitations' => ['name' => 'Nell Sedgeley', 'role' => 'bather'],
            'PUT /api/vans/{id}' => ['base' => 'fullers_yard', 'tank' => 90, 'battery' => 120],
            'POST /api/roads/shut' => ['day' => date('Y-m-d', (int) strtotime('+9 days')), 'way' => 'ferry_bridge'],
            'PUT /api/homes/{id}/spot' => ['spot' => 'alderlap'],
            'PUT /api/round/times' => ['times' => [
                [
                    'booking' => $this->idOf('booking b JOIN dog d ON d.id = b.dog_id', 'b'),
                    'version' => 1,
                    'time' => '16:45',
                ],
            ]],
            'PUT /api/homes/{id}' => [
                'name' => 'Moor',
                'people' => [['name' => 'Rafe Moor', 'phone' => '0555 014 0000']],
            ],
            'PUT /api/dogs/{id}/home' => ['owner' => ['name' => 'Rafe Moor', 'phone' => '0555 014 0000']],
            'POST /api/places' => ['name' => 'Shed '.bin2hex(random_bytes(3))],
            'PUT /api/places/{id}' => ['name' => 'Mill room'],
            'PUT /api/people/{id}' => [
                'name' => 'Wim Tarrow',
                'role' => 'apprentice',
                'confidence' => 2,
                'active' => true,
            ],
            'PUT /api/me/password' => ['old' => DemoLoader::PASSWORD, 'new' => DemoLoader::PASSWORD],
            'POST /api/imports/{id}/answer', 'POST /api/imports/{id}' => [
                'columns' => ['name', 'breed', 'owner', 'phone'],
            ],
            'POST /api/dogs/{id}/merge' => ['other' => $this->newRecord()],
            'POST /api/homes/{id}/erasure' => ['asked' => 'by letter'],
            'PUT /api/me/screen' => ['theme' => 'device'],
            'POST /api/me/salons' => ['login' => 'sunniva', 'password' => DemoLoader::PASSWORD],
            'PUT /api/me/pin' => ['password' => DemoLoader::PASSWORD, 'pin' => DemoLoader::PEOPLE['tove'][2]],
            'PUT /api/house' => ['mat_limit' => 12],
            'POST /api/prices/answer', 'POST /api/prices', 'PUT /api/prices/{id}' => [
                'begins' => date('Y-m-d', (int) strtotime(str_starts_with($line, 'PUT') ? '+9 months' : '+1 year')),
                'hour' => 42,
                'mat_hour' => 48,
            ],
            'POST /api/session/person' => [
                'staff' => $this->idOf("staff t WHERE t.login = 'tove'", 't'),
                'pin' => DemoLoader::PEOPLE['tove'][2],
            ],
            default => 'GET' === explode(' ', $line)[0] ? null : [],
        };
    }

    /** The newest; of nobody, where nobody has signed in yet. */
    private function signInOfWhoAsks(): string
    {
        $id = $this->db()->fetchOne("SELECT id FROM sign_in WHERE how <> 'refused' ORDER BY id DESC LIMIT 1");

        return (string) (\is_string($id) ? Uuid::fromBinary($id) : Uuid::v7());
    }
}
