<?php

/** Lets a programme in, in the name of who does so. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;

/** @implements Handler<MakeIntegration> */
final readonly class MakeIntegrationHandler implements Handler
{
    private const MOST = 20;

    public function __construct(private Integrations $integrations, private ChangeFeed $feed)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $may = Rights::of($form->may, $actor);
        HookAddress::check($form->tell);
        if (self::MOST <= $this->integrations->open($actor)) {
            throw Refused::conflict(\sprintf('There are %d programmes let in already: end one first.', self::MOST));
        }
        $id = $this->integrations->make($actor, $form, $may, $this->feed->numbered($actor->salon));
        $said = "the programme \"$form->name\" was let in for $form->days days: ".implode(', ', $may);

        return new Outcome(['integration' => $id], [new Entry(null, 'connect', $id, $said)]);
    }
}
