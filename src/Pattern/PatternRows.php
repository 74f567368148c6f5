<?php

/** Reads patterns and lays them on dogs: hands plan, coat, kit and what grows to the core. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Pattern\Fit;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Kit\KitReader;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type PastRow from History */
final readonly class PatternRows
{
    public function __construct(
        private Plans $plans,
        private Visits $visits,
        private KitReader $kit,
        private Scope $scope,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /**
     * A line as it is typed, or kept.
     *
     * @return array<string, Way>
     *
     * @throws InvalidInput naming the word; for a line without a zone; for what was only heard
     */
    public static function ways(string $line): array
    {
        $read = Notation::parse($line);
        if ([] !== $read->faults) {
            throw InvalidInput::at(
                'line',
                implode('; ', array_map(static fn (Fault $f): string => $f->message(), $read->faults)),
            );
        }
        if ([] !== $read->spoken) {
            throw InvalidInput::at(
                'line',
                \sprintf(
                    'was heard, not written: write %s for "%s"',
                    $read->spoken[0]['means'],
                    $read->spoken[0]['said'],
                ),
            );
        }
        if ([] === $read->plan) {
            throw InvalidInput::at('line', 'has no zone in it: a pattern is at least one, such as back: 16/10');
        }

        return $read->plan;
    }

    /** @return list<PatternRowView> by name */
    public function all(Actor $actor): array
    {
        return array_map(
            static fn (array $r): PatternRowView => new PatternRowView(
                \is_string($r['id']) ? (string) Uuid::fromBinary($r['id']) : '',
                self::int($r['version']),
                \is_string($r['name']) ? $r['name'] : '',
                \is_string($r['note']) ? $r['note'] : '',
                \is_string($r['line']) ? $r['line'] : '',
                self::int($r['followers']),
                self::int($r['behind']),
            ),
            $this->scope->rows(
                $actor,
                'SELECT p.id, p.version, p.name, p.note, p.line, COUNT(f.id) followers, COALESCE(SUM(f.taken < '.
                    'p.line_version), 0) behind FROM house_pattern p LEFT JOIN house_pattern_follow f ON '.
                    'f.pattern_id = p.id WHERE p.salon_id = :salon GROUP BY p.id, p.version, p.name, p.note, p.line '.
                    'ORDER BY p.name LIMIT 200',
            ),
        );
    }

    /** @return list<array{dog: string, name: string, coat: string, taken: int, behind: bool, own: list<string>}> */
    public function followers(Actor $actor, Pattern $pattern): array
    {
        return array_map(static function (array $r): array {
            $own = json_decode(\is_string($r['own']) ? $r['own'] : '[]', true);

            return [
                'dog' => \is_string($r['dog_id']) ? (string) Uuid::fromBinary($r['dog_id']) : '',
                'name' => \is_string($r['name']) ? $r['name'] : '',
                'coat' => str_replace('_', ' ', \is_string($r['coat']) ? $r['coat'] : ''),
                'taken' => self::int($r['taken']),
                'behind' => (bool) $r['behind'],
                'own' => \is_array($own) ? array_values(array_filter($own, is_string(...))) : [],
            ];
        }, $this->scope->rows(
            $actor,
            'SELECT f.dog_id, d.name, d.coat, f.taken, f.taken < p.line_version behind, f.own FROM '.
                'house_pattern_follow f JOIN dog d ON d.id = f.dog_id JOIN house_pattern p ON p.id = f.pattern_id '.
                'WHERE f.pattern_id = :pattern AND f.salon_id = :salon ORDER BY d.name, d.id LIMIT 500',
            ['pattern' => $pattern->id->toBinary()],
        ));
    }

    /**
     * @param array<string, Way> $ways
     *
     * @return list<array{zone: string, label: string, words: string, finished_mm: float|null}>
     */
    public function zones(Actor $actor, array $ways): array
    {
        $lengths = $this->kit->lengths($actor);
        $out = [];
        foreach ($ways as $zone => $way) {
            $out[] = [
                'zone' => $zone,
                'label' => Zone::of($zone)->label,
                'words' => PlanLine::recipe($way)->words(),
                'finished_mm' => $lengths->planned($way->recipe())->finished?->rounded(),
            ];
        }

        return $out;
    }

    /**
     * A pattern on a dog, zone by zone.
     *
     * @param array<string, Way> $ways
     *
     * @return array{int, array<string, Fit>} the plan's revision, fits by zone
     */
    public function fits(Actor $actor, Dog $dog, array $ways, ?string $place): array
    {
        [$revision, $plan, $carried] = $this->card($actor, $dog, array_keys($ways));
        $rule = $this->rule($actor, $dog, $place);
        $fits = [];
        foreach ($ways as $zone => $way) {
            $fits[$zone] = $rule->zone(Zone::of($zone), $way, $plan[$zone] ?? null, $carried[$zone] ?? null);
        }

        return [$revision, $fits];
    }

    /**
     * What a change does to every card that follows, in a few queries whatever their number.
     *
     * @param list<Follow> $follows
     * @param array<string, Way> $old
     * @param array<string, Way> $new
     *
     * @return list<array{follow: Follow, plan: array<string, array{version: int, recipe: ZoneRecipe}>,
     *     take: array<string, Fit>, out: list<string>, stay: array<string, string>}>
     */
    public function spread(Actor $actor, array $follows, array $old, array $new): array
    {
        $dogs = array_map(static fn (Follow $f): Dog => $f->dog, $follows);
        $plans = $this->plans->ofDogs($actor, $dogs);
        $visits = $this->visits->lastOf($actor, $dogs);
        $out = [];
        foreach ($follows as $follow) {
            $rows = $plans[(string) $follow->dog->id] ?? [];
            $carried = $this->carried($actor, $follow->dog, $visits[(string) $follow->dog->id] ?? [], array_keys($new));
            $out[] =
                ['follow' => $follow, 'plan' => $rows] +
                $this->rule($actor, $follow->dog, null)->spread(
                    $old,
                    $new,
                    PlanLine::ways(Plans::recipes($rows)),
                    $follow->own,
                    $carried,
                );
        }

        return $out;
    }

    /**
     * @param string $pattern its id
     * @param list<string>|null $dogs only these; null: all that follow it
     *
     * @return list<Follow> with their dogs
     */
    public function following(Actor $actor, string $pattern, ?array $dogs = null): array
    {
        $ids = array_map(
            static fn (string $id): string => Uuid::fromString($id)->toBinary(),
            array_values(array_filter($dogs ?? [], Uuid::isValid(...))),
        );
        $query = $this->manager
            ->createQuery(
                'SELECT f, d FROM '.
                    Follow::class.
                    ' f JOIN f.dog d WHERE f.pattern = :pattern AND f.salon = :salon'.
                    (null === $dogs ? '' : ' AND d.id IN (:dogs)').
                    ' ORDER BY d.name, d.id',
            )
            ->setParameter('pattern', Uuid::fromString($pattern), 'uuid')
            ->setParameter('salon', $actor->salon, 'uuid')
            ->setMaxResults(500);
        if (null !== $dogs) {
            $query->setParameter('dogs', $ids, ArrayParameterType::BINARY);
        }
        /** @var list<Follow> $follows */
        $follows = $query->getResult();

        return $follows;
    }

    private function rule(Actor $actor, Dog $dog, ?string $place): FitRule
    {
        $growth = (new GrowthAndClocks($dog, new History([]), $this->clock->now()))->growth;

        return new FitRule(
            $dog->coat,
            $dog->stage,
            $dog->handStripped,
            $growth,
            $this->kit->lengths($actor),
            null === $place ? null : $this->kit->match($actor, $place),
        );
    }

    /**
     * @param list<string> $zones
     *
     * @return array{int, array<string, Way>, array<string, Length>} revision, plan, what grows today
     */
    private function card(Actor $actor, Dog $dog, array $zones): array
    {
        [$revision, $rows] = $this->plans->of($actor, $dog);

        return [
            $revision,
            PlanLine::ways(Plans::recipes($rows)),
            $this->carried($actor, $dog, $this->visits->past($actor, $dog), $zones),
        ];
    }

    /**
     * @param list<PastRow> $visits
     * @param list<string> $zones
     *
     * @return array<string, Length>
     */
    private function carried(Actor $actor, Dog $dog, array $visits, array $zones): array
    {
        $figures = new GrowthAndClocks($dog, new History($visits), $this->scope->today($actor));
        $carried = [];
        foreach ($zones as $zone) {
            $carried[$zone] =
                $figures->now($zone) ?? Length::ofMillimetres(NaturalLength::mm($dog->coat, Zone::of($zone)));
        }

        return $carried;
    }

    private static function int(mixed $v): int
    {
        return is_numeric($v) ? (int) $v : 0;
    }
}
