<?php

/** A whole plan on one line: written, read while it is typed, and kept. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Parsed;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Shorthand\ZoneNames;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class LineController
{
    public function __construct(
        private Plans $plans,
        private Dogs $dogs,
        private KitReader $kit,
        private Scope $scope,
        private Writes $writes,
        private ChangePlan $change,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'line' => Shape::text(0, Notation::LONGEST)
                ->required()
                ->describe('such as: back ribs: 16/10; throat: 7F >breastbone_dip'),
            'confirmed' => Shape::boolean()
                ->default(false)
                ->describe('whether what was spoken has been seen and confirmed'),
        ]);
    }

    #[Route('/api/dogs/{id}/line', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('A dog\'s plan on one line', gives: LineView::class)]
    public function read(Actor $actor, string $id): Response
    {
        [$revision, $plan] = $this->plan($actor, $id);

        return Json::response($this->view($actor, $revision, $plan, new Parsed(PlanLine::ways($plan), [], [])));
    }

    #[Route('/api/dogs/{id}/line/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a line means, while it is typed', gives: LineView::class, takes: [self::class, 'shape'])]
    public function answer(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        [$revision, $plan] = $this->plan($actor, $id);

        return Json::response($this->view($actor, $revision, $plan, $this->parse($actor, $body)));
    }

    #[Route('/api/dogs/{id}/line', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Let the plan be what the line says; zones it leaves out are taken out. 412 with their line when '.
            'somebody changed the plan meanwhile',
        gives: LineView::class,
        takes: [self::class, 'shape'],
        versioned: true,
    ),]
    public function keep(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $version = Body::version($request);
        $read = $this->parse($actor, $body);
        if ([] !== $read->faults) {
            throw InvalidInput::at(
                'line',
                implode('; ', array_map(static fn (Fault $f): string => $f->message(), $read->faults)),
            );
        }
        if ([] !== $read->spoken && !$body->bool('confirmed')) {
            throw InvalidInput::at(
                'line',
                'was heard, not written: confirm '.
                    implode(
                        ', ',
                        array_map(static fn (array $s): string => "\"{$s['said']}\" as {$s['means']}", $read->spoken),
                    ),
            );
        }

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $version, $read): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                [$revision, $rows] = $this->plans->of($actor, $dog);
                $plan = self::recipes($rows);
                if ($revision !== $version) {
                    throw Problem::stale('Somebody changed this plan meanwhile.', [
                        'version' => $revision,
                        'theirs_line' => PlanLine::of($plan),
                    ]);
                }
                $wishes = [];
                foreach (array_merge(...self::differences($plan, $read->plan)) as $zone) {
                    $wishes[$zone] = [
                        'version' => $rows[$zone]['version'] ?? 0,
                        'recipe' => isset($read->plan[$zone]) ? PlanLine::recipe($read->plan[$zone]) : new ZoneRecipe(),
                    ];
                }

                return ['revision' => ($this->change)($actor, $manager, $dog, $wishes, $revision)['revision']];
            },
            fn (array $done): LineView => $this->view(
                $actor,
                \is_int($done['revision']) ? $done['revision'] : 0,
                array_map(PlanLine::recipe(...), $read->plan),
                $read,
            ),
        );
    }

    private function parse(Actor $actor, Fields $body): Parsed
    {
        $guards = [];
        foreach ($this->kit->rows($actor) as $row) {
            if ('guard' === $row['kind'] && null !== $row['nominal_um']) {
                $guards[] = $row['nominal_um'] / 1000;
            }
        }

        return Notation::parse($body->text('line'), $guards);
    }

    /** @return array{int, array<string, ZoneRecipe>} */
    private function plan(Actor $actor, string $id): array
    {
        [$revision, $rows] = $this->plans->of($actor, $this->dogs->get($actor, $id));

        return [$revision, self::recipes($rows)];
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $rows
     *
     * @return array<string, ZoneRecipe> in the order of the body
     */
    private static function recipes(array $rows): array
    {
        $plan = [];
        foreach (array_keys(ZoneNames::order()) as $zone) {
            if (isset($rows[$zone]) && null !== $rows[$zone]['recipe']->method) {
                $plan[$zone] = $rows[$zone]['recipe'];
            }
        }

        return $plan;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     * @param array<string, Way> $line
     *
     * @return array{list<string>, list<string>} zones that are otherwise, zones that are left out
     */
    private static function differences(array $plan, array $line): array
    {
        $ways = PlanLine::ways($plan);
        $changed = array_keys(
            array_filter(
                $line,
                static fn (Way $w, string $zone): bool => ($ways[$zone] ?? null)?->key() !== $w->key(),
                \ARRAY_FILTER_USE_BOTH,
            ),
        );

        return [$changed, array_values(array_diff(array_keys($ways), array_keys($line)))];
    }

    /** @param array<string, ZoneRecipe> $plan as it is kept */
    private function view(Actor $actor, int $revision, array $plan, Parsed $read): LineView
    {
        $lengths = $this->kit->lengths($actor);
        $zones = [];
        foreach ($read->plan as $zone => $way) {
            $recipe = PlanLine::recipe($way);
            $zones[] = [
                'zone' => $zone,
                'recipe' => RecipeView::of($recipe),
                'finished_mm' => $lengths->planned($recipe->forRules())->finished?->rounded(),
            ];
        }
        [$changed, $gone] = self::differences($plan, $read->plan);

        return new LineView(
            Notation::format($read->plan),
            $revision,
            $zones,
            $changed,
            $gone,
            $read->spoken,
            array_map(static fn (Fault $f): array => $f->toArray(), $read->faults),
            [
                'zone' => ZoneNames::all(),
                'tool' => [
                    ...BladeTable::labels(),
                    'out',
                    'scissor',
                    'thin',
                    'strip',
                    'card',
                    'leave',
                    ...array_map(static fn (string $b): string => "16/$b", BladeTable::GUARD_BASES),
                ],
                'mark' => ['against', 'across', 'once', '!', '>', '=', '@', '#', '%', ';'],
                'stop' => Way::STOPS,
                'reason' => Way::REASONS,
            ],
        );
    }
}
