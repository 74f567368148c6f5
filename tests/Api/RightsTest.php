<?php

/**
 * Who may do what, and what those without a right are given instead: a wish for a booking, a card without phone
 * numbers.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

final class RightsTest extends ApiTestCase
{
    /** Digits of a random id may look like a number's. */
    private const VET = '0555 019 4410';
    private const ID = '/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}|[0-9a-f]{24,}/';

    public function testClosingWithoutTheRightToBookLeavesAWishThatTheDeskBooks(): void
    {
        $day = date('Y-m-d', time() + 40 * 86400);
        $this->signIn('pell');
        $groom = $this->groomOf('Cobnut');
        $this->ask('POST', "/api/grooms/$groom/close", ['next' => [['kind' => 'full', 'on' => $day]]], 200);
        $wish = self::find(self::rows($this->card('Cobnut')['bookings']), 'day', $day);
        self::assertSame(['wished', 'wished by Pell Hasp at the table'], [$wish['state'], $wish['note']]);
        $path = '/api/bookings/'.self::text($wish['id']);
        $this->ask('PUT', $path, [], 403, ['If-Match' => '"1"']);
        self::assertNotContains(
            $wish['id'],
            array_column(self::rows($this->ask('GET', "/api/bookings?from=$day")['bookings']), 'id'),
            'a wish holds no time',
        );
        $this->signIn('junia');
        $booked = $this->ask('PUT', $path, [], 200, ['If-Match' => '"1"']);
        self::assertSame(['booked', 2], [$booked['state'], $booked['version']]);
        $this->ask('PUT', $path, [], 412, ['If-Match' => '"1"']);
        $this->ask('PUT', $path, [], 409, ['If-Match' => '"2"']);
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Cobnut').'/bookings',
            ['day' => $day, 'time' => '09:00'],
            409,
        );
    }

    public function testAWishForAMomentThatIsTakenMeanwhileIsNotBookedTwice(): void
    {
        $day = date('Y-m-d', time() + 41 * 86400);
        $this->signIn('pell');
        $this->ask(
            'POST',
            '/api/grooms/'.$this->groomOf('Cobnut').'/close',
            ['next' => [['kind' => 'full', 'on' => $day]]],
            200,
        );
        $this->signIn('junia');
        $wish = self::find(self::rows($this->card('Cobnut')['bookings']), 'day', $day);
        $booked = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Cobnut').'/bookings',
            ['day' => $day, 'time' => '09:00'],
            201,
        );
        $this->ask('PUT', '/api/bookings/'.self::text($wish['id']), [], 409, ['If-Match' => '"1"']);
        $this->ask('DELETE', '/api/bookings/'.self::text($booked['id']), expect: 200, headers: ['If-Match' => '"1"']);
        $this->ask('PUT', '/api/bookings/'.self::text($wish['id']), [], 200, ['If-Match' => '"1"']);
    }

    public function testClosingKeepsWhatIsBookedForThatMomentAlready(): void
    {
        $day = date('Y-m-d', time() + 42 * 86400);
        $this->signIn('tove');
        $first = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Cobnut').'/bookings',
            ['day' => $day, 'time' => '09:00', 'kind' => 'tidy'],
            201,
        );
        $this->ask(
            'POST',
            '/api/grooms/'.$this->groomOf('Cobnut').'/close',
            ['next' => [['kind' => 'full', 'on' => $day]]],
            200,
        );
        self::assertSame(
            [$first['id']],
            array_column(
                array_filter(
                    self::rows($this->card('Cobnut')['bookings']),
                    static fn (array $b): bool => $day === $b['day'],
                ),
                'id',
            ),
        );
    }

    public function testAnApprenticeSeesNoPhoneNumberAnywhere(): void
    {
        $phone = self::text(
            $this->db()->fetchOne(
                'SELECT c.phone FROM client c JOIN dog d ON d.household_id = c.household_id WHERE d.name = '.
                    "'Tansy' ORDER BY c.id LIMIT 1",
            ),
        );
        $this->db()->executeStatement(
            "UPDATE dog SET emergency = 'Neighbour 0555 019 8877', ".
                "may_collect = 'Gran, 0555/0199' WHERE name = 'Tansy'",
        );
        $digits = substr((string) preg_replace('/\D/', '', $phone), -6);
        $groom = $this->db()->fetchOne('SELECT id FROM groom ORDER BY id LIMIT 1');
        $paths = [
            '/api/dogs',
            '/api/dogs?q=tansy',
            '/api/dogs/'.$this->dogId('Tansy').'/card',
            '/api/dogs/'.$this->dogId('Tansy').'/then',
            '/api/outbox',
            '/api/grooms/'.Uuid::fromBinary(self::text($groom)),
            '/api/grooms/'.Uuid::fromBinary(self::text($groom)).'/finish',
        ];
        foreach (['tove' => true, 'wim' => false] as $login => $sees) {
            $this->signIn($login);
            $all = '';
            foreach ($paths as $path) {
                $this->ask('GET', $path, expect: 200);
                // A vet's number is no owner's.
                $all .= str_replace(
                    self::VET,
                    '',
                    (string) preg_replace(self::ID, '', (string) $this->client->getResponse()->getContent()),
                );
            }
            self::assertSame($sees, str_contains($all, $phone));
            self::assertSame($sees, str_contains($all, '0555'), 'no number of any kind');
            self::assertStringContainsString($sees ? 'Neighbour 0555 019 8877' : 'Neighbour …', $all);
            self::assertSame(
                $sees,
                [] !== $this->ask('GET', "/api/dogs?q=$digits", expect: 200)['dogs'],
                'nor by trying digits',
            );
        }
    }

    public function testTheManagerReadsWhoMayDoWhatAndItIsWhatRoutesCheck(): void
    {
        $this->signIn('maren');
        $rights = self::rows($this->ask('GET', '/api/house', expect: 200)['rights']);
        self::assertSame(
            ['read', 'phone', 'plan', 'visit', 'book',
                'money', 'dog', 'kit', 'people', 'house'],
            array_column($rights, 'right'),
        );
        foreach (
            [
                'maren' => 'manager',
                'tove' => 'groomer',
                'idris' => 'mobile groomer',
                'pell' => 'bather',
                'junia' => 'front desk',
                'wim' => 'apprentice',
            ] as $login => $role
        ) {
            $this->signIn($login);
            $may = self::texts($this->ask('GET', '/api/session', expect: 200)['may']);
            foreach ($rights as $right) {
                self::assertSame(
                    \in_array($role, self::texts($right['roles']), true),
                    \in_array($right['right'], $may, true),
                    "$role {$login}",
                );
            }
        }
    }
}
