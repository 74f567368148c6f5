<?php

/** What was measured on a dog, and what the rules make of it: level ears, balance, neckwear. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Core\Balance\EarLevel;
use KeenThistle\Core\Neckwear\NeckwearRule;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class MeasuresController
{
    private const SEAM = 10.0;

    public function __construct(
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/measures', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What was measured on a dog, with what follows from it', gives: MeasuresView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    #[Route('/api/dogs/{id}/measures', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Note what was measured; what is not given stays as it was', gives: MeasuresView::class)]
    public function write(Actor $actor, string $id, #[FromBody] MeasuresForm $measures, Key $key): Response
    {
        $done = $this->commands->run(new NoteMeasures($id, $measures), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    /**
     * @param array<string, string> $seen
     *
     * @return list<array{point: string, label: string, chosen: string|null,
     *     sides: list<array{id: string, label: string}>}>
     */
    private static function looks(array $seen): array
    {
        $out = [];
        foreach (BalanceRule::points() as $point => $sides) {
            $out[] = [
                'point' => $point,
                'label' => BalanceRule::words($point),
                'chosen' => $seen[$point] ?? null,
                'sides' => array_map(
                    static fn (string $s): array => ['id' => $s, 'label' => BalanceRule::words($point, $s)],
                    $sides,
                ),
            ];
        }

        return $out;
    }

    private function view(Actor $actor, string $id): MeasuresView
    {
        $dog = $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');
        $m = $dog->measures;
        $ears = isset($m['left_higher_mm'], $m['left_leather_mm'], $m['right_leather_mm'])
            ? (new EarLevel())->below(
                $m['left_higher_mm'],
                $m['left_leather_mm'],
                $m['right_leather_mm'],
                $m['shortest_mm'] ?? 0.0,
            )
            : null;
        $ratios = array_intersect_key($m, array_flip(BalanceRule::ratios()));
        $comfort = [] !== array_intersect(['age', 'skin', 'joints', 'surgery'], $dog->health);
        $balance = (new BalanceRule())->suggest($ratios, $comfort, $dog->seen);

        return new MeasuresView(
            (object) $m,
            self::looks($dog->seen),
            $ears,
            $balance,
            isset($m['neck_mm']) && null !== $dog->kg
                ? (new NeckwearRule())->sizes($m['neck_mm'], $dog->kg, self::SEAM)
                : null,
        );
    }
}
