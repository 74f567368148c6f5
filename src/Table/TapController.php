<?php

/** Taps of a groom, and a reading of the probe that is then tapped. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Device\Thermometer;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class TapController
{
    public function __construct(private GroomRows $rows, private GroomChanges $changes, private Commands $commands)
    {
    }

    #[Route('/api/grooms/{id}/taps', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Taps, oldest first, each counted once; one that cannot be counted does not hold up the rest',
        gives: TapsView::class,
        takes: [TapInput::class, 'shape'],
    )]
    public function taps(Actor $actor, Request $request, string $id, Key $key): Response
    {
        // Taps are checked one by one where they are counted.
        $given = json_decode($request->getContent());
        $taps =
            $given instanceof \stdClass && \is_array($given->taps ?? null)
                ? array_values($given->taps)
                : throw Refused::field('taps', 'must be a list of taps, oldest first');
        if ([] === $taps || \count($taps) > TapInput::MOST) {
            throw Refused::field('taps', \sprintf('must be 1 to %d taps', TapInput::MOST));
        }
        $head = Shape::object([
            'sent_at' => Shape::text(20, 40)->required(),
            'device' => Shape::line(4, 64)->required(),
        ])->fields((object) array_diff_key(get_object_vars($given), ['taps' => 1]));
        $command = new TapGroom($id, $head->text('device'), $head->text('sent_at'), $taps);
        $done = $this->commands->run($command, $actor, $key);
        $tapped = $done->inHand instanceof Tapped ? $done->inHand : null;
        $other = \is_array($done->kept['other'] ?? null) ? $done->kept['other'] : [];
        $ahead = $done->kept['ahead'] ?? 0.0;
        $groom = $tapped->groom ?? $this->rows->groom($actor, $id);

        return Answer::to(
            $done,
            new TapsView(
                $tapped->results ?? TakeTaps::again($taps, $other),
                is_numeric($ahead) ? (float) $ahead : 0.0,
                $this->changes->of($actor, $groom, self::seen($taps), $tapped),
            ),
        );
    }

    /**
     * The newest tap that the device has surely seen: the least of what its taps say they had.
     *
     * @param non-empty-list<mixed> $taps
     */
    private static function seen(array $taps): int
    {
        return max(
            0,
            min(
                array_map(
                    static fn (mixed $t): int => $t instanceof \stdClass && \is_int($t->saw ?? null) ? $t->saw : 0,
                    $taps,
                ),
            ),
        );
    }

    #[Route('/api/grooms/{id}/probe/answer', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Asks the thermometer how hot a blade is; the reading is then tapped like any other',
        gives: ProbeView::class,
    )]
    public function reading(
        Actor $actor,
        string $id,
        #[FromBody] ProbeForm $form,
        Thermometer $thermometer,
        ClockInterface $clock,
    ): Response {
        $log = Board::of($this->rows->taps($actor, $this->rows->groom($actor, $id)))->timer(TimerKind::Clipping->value);

        return Json::response(
            new ProbeView($form->blade, $thermometer->read($form->blade, $log->ranWith($form->blade, $clock->now()))),
        );
    }
}
