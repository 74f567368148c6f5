<?php

/** A whole plan on one line: written, read while it is typed, and kept. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Book\Dogs;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\PaperNote;
use KeenThistle\Core\Shorthand\PaperPart;
use KeenThistle\Core\Shorthand\Parsed;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Shorthand\ZoneNames;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class LineController
{
    public function __construct(
        private Plans $plans,
        private Dogs $dogs,
        private Lines $lines,
        private KitReader $kit,
        private Commands $commands,
    ) {
    }

    #[Route('/api/dogs/{id}/line', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('A dog\'s plan on one line', gives: LineView::class)]
    public function read(Actor $actor, string $id): Response
    {
        [$revision, $plan, $paper] = $this->plan($actor, $id);

        return Json::response($this->view($actor, $revision, $plan, $paper, new Parsed(PlanLine::ways($plan), [], [])));
    }

    #[Route('/api/dogs/{id}/line/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a line means, while it is typed', gives: LineView::class)]
    public function answer(Actor $actor, string $id, #[FromBody] LineForm $line): Response
    {
        [$revision, $plan, $paper] = $this->plan($actor, $id);

        return Json::response($this->view($actor, $revision, $plan, $paper, $this->lines->read($actor, $line->line)));
    }

    #[Route('/api/dogs/{id}/line', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Let the plan be what the line says; zones it leaves out are taken out. 412 with their line when '.
            'somebody changed the plan meanwhile',
        gives: LineView::class,
    )]
    public function keep(
        Actor $actor,
        string $id,
        #[FromBody] LineForm $line,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $read = $this->lines->accepted($actor, $line);
        $done = $this->commands->run(new KeepLine($id, $version, $line), $actor, $key);
        $revision = \is_int($done->kept['revision']) ? $done->kept['revision'] : 0;
        $plan = array_map(PlanLine::recipe(...), $read->plan);

        $paper = $this->dogs->get($actor, $id)->paper;

        return Answer::to($done, $this->view($actor, $revision, $plan, $paper, $read));
    }

    /** @return array{int, array<string, ZoneRecipe>, string} */
    private function plan(Actor $actor, string $id): array
    {
        $dog = $this->dogs->get($actor, $id);
        [$revision, $rows] = $this->plans->of($actor, $dog);

        return [$revision, Lines::recipes($rows), $dog->paper];
    }

    /** @param array<string, ZoneRecipe> $plan as it is kept */
    private function view(Actor $actor, int $revision, array $plan, string $paper, Parsed $read): LineView
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
        [$changed, $gone] = Lines::differences($plan, $read->plan);

        return new LineView(
            line: Notation::format($read->plan),
            revision: $revision,
            zones: $zones,
            changed: $changed,
            gone: $gone,
            spoken: $read->spoken,
            faults: array_map(static fn (Fault $f): array => $f->toArray(), $read->faults),
            paper: $paper,
            from_paper: array_map(static fn (PaperPart $p): array => $p->toArray(), PaperNote::read($paper)),
            words: [
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
