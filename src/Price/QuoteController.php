<?php

/** A phone quote. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\QuoteRule;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class QuoteController
{
    public function __construct(private Scope $scope)
    {
    }

    #[Route('/api/quote/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What can be said on the phone of a dog nobody has seen; nothing is written', gives: QuoteView::class)]
    public function answer(Actor $actor, #[FromBody] QuoteForm $form): Response
    {
        $salon = $this->scope->salon($actor);
        $today = $this->scope->today($actor);
        $q = (new QuoteRule())->of(
            $form->kg,
            $form->coat,
            $form->weeks,
            $form->matting,
            $form->kind,
            $salon->pricesOn($today)->charges(),
        );
        $money = static fn (?int $minor): string => number_format(($minor ?? 0) / 100, 2, '.', '');

        return Json::response(new QuoteView(
            $q->from,
            $q->to,
            $q->fromMinor,
            $q->toMinor,
            \sprintf(
                'Told on %s: %s, %d to %d min, %s to %s %s; %s kg, %s, %d weeks since the last groom, %s.',
                Say::day($today),
                $form->kind->words(),
                $q->from,
                $q->to,
                $money($q->fromMinor),
                $money($q->toMinor),
                $salon->currency,
                $form->kg,
                $form->coat->label(),
                $form->weeks,
                $form->matting->words(),
            ),
            Reason::listToArray($q->reasons),
            Caution::listToArray($q->cautions),
        ));
    }
}
