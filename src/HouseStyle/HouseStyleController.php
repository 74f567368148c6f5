<?php

/** House style: schools, prices, limits. What a school breaks is said before it is kept. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonVersions;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class HouseStyleController
{
    /** A dog with something of everything, to see what a school would break. */
    private const PROBE = ['back' => 'guard', 'groin' => '10', 'pads_front_left' => 'toe', 'rump' => 'shears'];

    public function __construct(private Scope $scope, private Writes $writes, private ChangeRecorder $log)
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'rate_minor' => Shape::integer(0, 100_000)->required()->describe('minor currency units per minute of work'),
            'mat_rate_minor' => Shape::integer(0, 100_000)
                ->required()
                ->describe('minor currency units per matting minute'),
            'mat_limit' => Shape::number(1, 100, 'load at which a coat should be back')->required(),
            'asks_for_vaccination' => Shape::boolean()->default(true),
            'hemisphere' => Shape::enum(Season::class, 'hemisphere')->default('north'),
            'time_zone' => Shape::choice(\DateTimeZone::listIdentifiers(), 'time zone')
                ->nullable()
                ->describe('whose day it is; null: as it is'),
            'schools' => SchoolTable::shape()->nullable(),
            'styles' => Shape::list(
                Shape::object([
                    'kind' => Shape::choice(array_keys(StyleTable::KINDS), 'kind of style')->required(),
                    'name' => Shape::line(2, 60)->required(),
                    'drawing' => Shape::choice(StyleTable::drawings(), 'drawing')
                        ->required()
                        ->describe('which of the drawings it is like'),
                ]),
                0,
                60,
            )
                ->nullable()
                ->describe('the salon\'s own; null: as they are'),
        ]);
    }

    #[Route('/api/house', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('House style and settings, with what each school says for itself', gives: HouseStyleView::class)]
    public function read(Actor $actor): Response
    {
        return Json::response($this->view($this->scope->salon($actor)));
    }

    public static function schools(): Shape
    {
        return Shape::object(['schools' => SchoolTable::shape()->required()]);
    }

    #[Route('/api/house/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What a choice of schools would break, before it is saved',
        gives: BreaksView::class,
        takes: [self::class, 'schools'],
    ),]
    public function breaks(Request $request): Response
    {
        $body = Body::read($request, self::schools());
        try {
            self::hold(self::chosen($body));
        } catch (InvalidInput $e) {
            return Json::response(new BreaksView($e->all()));
        }

        return Json::response(new BreaksView([]));
    }

    #[Route('/api/house', methods: ['PUT'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint(
        'Change house style and settings; 422 names the must that a school breaks',
        gives: HouseStyleView::class,
        takes: [self::class, 'shape'],
        versioned: true,
    ),]
    public function change(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, self::shape());
        $version = Body::version($request);
        $schools = self::chosen($body);
        $styles = self::styles($body);
        self::hold($schools);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body, $version, $schools, $styles): array {
                $salon = $this->scope->salon($actor);
                $manager->refresh($salon);
                if ($salon->houseVersion !== $version) {
                    throw Problem::stale('Somebody else changed the house style meanwhile.', [
                        'version' => $salon->houseVersion,
                        'theirs' => $this->view($salon),
                    ]);
                }
                $before = $this->plain($salon);
                $salon->rateMinor = $body->int('rate_minor');
                $salon->matRateMinor = $body->int('mat_rate_minor');
                $salon->matLimit = $body->float('mat_limit');
                $salon->asksForVaccination = $body->bool('asks_for_vaccination');
                $salon->hemisphere = $body->enum('hemisphere', Season::class);
                $salon->timeZone = $body->textOrNull('time_zone') ?? $salon->timeZone;
                $salon->schools = array_diff_assoc($schools, SchoolTable::defaults());
                $salon->styles = $styles ?? $salon->styles;
                $after = $this->plain($salon);
                $changed = array_keys(array_diff_assoc($after, $before));
                if ([] !== $changed) {
                    SalonVersions::moved($manager, $salon);
                    $this->log->record(
                        $actor,
                        $manager,
                        null,
                        'house',
                        (string) $salon->id,
                        'house style: '.
                            implode(
                                ', ',
                                array_map(static fn (string $k): string => str_replace('_', ' ', $k), $changed),
                            ),
                        $before,
                        $after,
                    );
                }

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): HouseStyleView => $this->view(
                $this->scope->salon($actor),
            ),
        );
    }

    /** @return array<string, string> a side for every point */
    private static function chosen(Fields $body): array
    {
        $given = $body->objectOrNull('schools');
        $schools = [];
        foreach (array_keys(SchoolTable::rows()) as $point) {
            $schools[$point] = null === $given ? SchoolTable::defaults()[$point] : $given->text($point);
        }

        return $schools;
    }

    /**
     * A damp coat under a guard is a matter of each card, so no guard is tried here.
     *
     * @param array<string, string> $schools
     *
     * @throws InvalidInput naming the pair that cannot both hold
     */
    private static function hold(array $schools): void
    {
        (new OrderRule())->order(
            new Job(self::PROBE, CoatType::LongDouble, matted: true),
            SchoolTable::schools($schools),
        );
    }

    /**
     * @return list<array{kind: string, name: string, drawing: string}>|null
     *
     * @throws InvalidInput for a name that is there already
     */
    private static function styles(Fields $body): ?array
    {
        if (!$body->has('styles')) {
            return null;
        }
        $out = [];
        $taken = array_fill_keys(array_map(mb_strtolower(...), array_column(StyleTable::all(), 'name')), true);
        foreach ($body->objects('styles') as $s) {
            $name = trim($s->text('name'));
            if (isset($taken[mb_strtolower($name)])) {
                throw InvalidInput::at($s->pathOf('name'), 'is there already');
            }
            $taken[mb_strtolower($name)] = true;
            $out[] = ['kind' => $s->text('kind'), 'name' => $name, 'drawing' => $s->text('drawing')];
        }

        return $out;
    }

    /** @return array<string, string> */
    private function plain(Salon $salon): array
    {
        return [
            'rate' => (string) $salon->rateMinor,
            'mat_rate' => (string) $salon->matRateMinor,
            'mat_limit' => (string) $salon->matLimit,
            'vaccination' => $salon->asksForVaccination ? 'asked' : 'not asked',
            'hemisphere' => $salon->hemisphere->value,
            'time_zone' => $salon->timeZone,
            'styles' => implode(', ', array_column($salon->styles, 'name')),
        ] +
            $salon->schools +
            SchoolTable::defaults();
    }

    private function view(Salon $salon): HouseStyleView
    {
        $chosen = $salon->schools + SchoolTable::defaults();
        $rows = [];
        foreach (SchoolTable::rows() as $point => [$label, $sides]) {
            $rows[] = [
                'point' => $point,
                'label' => $label,
                'chosen' => $chosen[$point],
                'sides' => array_map(
                    static fn (string|int $id, array $side): array => [
                        'id' => (string) $id,
                        'what' => $side[0],
                        'why' => $side[1],
                    ],
                    array_keys($sides),
                    array_values($sides),
                ),
            ];
        }

        return new HouseStyleView(
            $salon->houseVersion,
            $salon->name,
            $salon->currency,
            $salon->rateMinor,
            $salon->matRateMinor,
            $salon->matLimit,
            $salon->asksForVaccination,
            $salon->hemisphere->value,
            $salon->timeZone,
            \DateTimeZone::listIdentifiers(),
            $rows,
            [
                ...array_map(static fn (array $s): array => $s + ['own' => false], StyleTable::all()),
                ...array_map(static fn (array $s): array => $s + ['why' => 'our own', 'own' => true], $salon->styles),
            ],
            self::rights(),
        );
    }

    /** @return list<array{right: string, words: string, roles: list<string>}> as routes check them */
    private static function rights(): array
    {
        $out = [];
        foreach (May::WORDS as $right => $words) {
            $roles = array_filter(
                Role::cases(),
                static fn (Role $r): bool => \in_array($right, $r->permissions(), true),
            );
            $out[] = [
                'right' => strtolower(substr($right, 5)),
                'words' => $words,
                'roles' => array_map(static fn (Role $r): string => $r->label(), array_values($roles)),
            ];
        }

        return $out;
    }
}
