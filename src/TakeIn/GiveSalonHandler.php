<?php

/** Looks a whole salon's file through, and begins the work if nothing in it is wrong. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\InOut\SalonFormat;
use KeenThistle\Staff\Actor;
use KeenThistle\Work\Jobs;

/** @implements Handler<GiveSalon> */
final readonly class GiveSalonHandler implements Handler
{
    public function __construct(
        private Imports $imports,
        private Packed $packed,
        private SalonFormat $format,
        private Jobs $jobs,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $path = $this->imports->keepSalon($actor, $command->bytes);
        try {
            $json = $this->packed->json($path);
            try {
                (new SalonFile($json, $this->format))->check();
            } finally {
                $this->packed->done($json, $path);
            }
        } catch (InvalidInput $e) {
            unlink($path);
            throw $e;
        }
        $about = 'a whole salon is taken in';
        $job = $this->jobs->begin($actor, new TakeSalonIn($path), (string) $actor->salon, $about, 1);

        return new Outcome(['job' => $job->id]);
    }
}
