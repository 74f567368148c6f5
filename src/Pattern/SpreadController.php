<?php

/** What another line would do to the cards that follow a pattern. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class SpreadController
{
    public function __construct(
        private PatternRows $rows,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/patterns/{id}/spread/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What another line would do to the cards that follow this pattern', gives: SpreadView::class)]
    public function preview(Actor $actor, string $id, #[FromBody] SpreadForm $form): Response
    {
        $pattern = $this->scope->get($actor, Pattern::class, $id, $this->manager, 'pattern');
        $new = PatternRows::ways($form->line);
        $old = PatternRows::ways($pattern->line);
        $dogs = [];
        foreach ($this->rows->spread($actor, $this->rows->following($actor, $id), $old, $new) as $spread) {
            $follow = $spread['follow'];
            $changes = $stays = [];
            foreach ($spread['take'] as $zone => $fit) {
                $changes[] = [
                    'zone' => $zone,
                    'label' => Zone::of($zone)->label,
                    'words' => PlanLine::recipe($fit->way)->words(),
                    'was_mm' => $fit->was?->rounded(),
                    'finished_mm' => $fit->finished?->rounded(),
                ];
            }
            foreach ($spread['out'] as $zone) {
                $changes[] = [
                    'zone' => $zone,
                    'label' => Zone::of($zone)->label,
                    'words' => 'taken out',
                    'was_mm' => null,
                    'finished_mm' => null,
                ];
            }
            foreach ($spread['stay'] as $zone => $why) {
                $stays[] = ['zone' => $zone, 'label' => Zone::of($zone)->label, 'why' => $why];
            }
            $dogs[] = [
                'dog' => (string) $follow->dog->id,
                'name' => $follow->dog->name,
                'changes' => $changes,
                'stays' => $stays,
            ];
        }

        return Json::response(new SpreadView(Notation::format($new), $this->rows->zones($actor, $new), $dogs));
    }
}
