<?php

/** What was measured on a dog, and what the rules make of it: level ears, balance, neckwear. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Core\Balance\EarLevel;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Neckwear\NeckwearRule;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class MeasuresController
{
    private const SEAM = 10.0;

    public function __construct(
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
        private EntityManagerInterface $manager,
    ) {
    }

    public static function shape(): Shape
    {
        $ratio = static fn (string $what): Shape => Shape::number(0, 5, $what, true)->nullable();

        return Shape::object([
            'neck_mm' => Shape::number(80, 1000, 'mm around the neck, close')->nullable(),
            'left_higher_mm' => Shape::number(
                -60,
                60,
                'mm by which the left ear is set higher; negative: lower',
            )->nullable(),
            'left_leather_mm' => Shape::number(10, 300, 'mm of leather, root to tip')->nullable(),
            'right_leather_mm' => Shape::number(10, 300, 'mm of leather, root to tip')->nullable(),
            'shortest_mm' => Shape::number(0, 200, 'mm of hair below the leather at least')->nullable(),
            'ear_to_nose' => $ratio('ear leather to nose tip'),
            'neck_to_back' => $ratio('neck to back'),
            'leg_to_chest' => $ratio('leg to depth of chest'),
            'muzzle_to_skull' => $ratio('muzzle to skull'),
            'back_to_height' => $ratio('back to height'),
        ]);
    }

    #[Route('/api/dogs/{id}/measures', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What was measured on a dog, with what follows from it', gives: MeasuresView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->view($this->scope->get($actor, Dog::class, $id, $this->manager, 'dog')));
    }

    #[Route('/api/dogs/{id}/measures', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Note what was measured; what is not given stays as it was',
        gives: MeasuresView::class,
        takes: [self::class, 'shape'],
    ),]
    public function write(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                // Held, so that two people measuring different things both keep theirs.
                $manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
                $measures = $dog->measures;
                foreach (array_keys(self::names()) as $name) {
                    $value = $body->floatOrNull($name);
                    if (null !== $value) {
                        $measures[$name] = $value;
                    }
                }
                if ($measures !== $dog->measures) {
                    $dog->measures = $measures;
                    $this->log->record(
                        $actor,
                        $manager,
                        $dog,
                        'dog',
                        (string) $dog->id,
                        'measured: '.
                            implode(
                                ', ',
                                array_map(
                                    static fn (string $n): string => strtr($n, ['_mm' => '', '_' => ' ']),
                                    array_keys(
                                        array_filter(
                                            self::names(),
                                            static fn (int $i, string $n): bool => null !== $body->floatOrNull($n),
                                            \ARRAY_FILTER_USE_BOTH,
                                        ),
                                    ),
                                ),
                            ),
                    );
                }

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): MeasuresView => $this->view(
                $this->scope->get($actor, Dog::class, $id, $manager, 'dog'),
            ),
        );
    }

    /** @return array<string, int> */
    private static function names(): array
    {
        return array_flip([
            'neck_mm',
            'left_higher_mm',
            'left_leather_mm',
            'right_leather_mm',
            'shortest_mm',
            ...BalanceRule::ratios(),
        ]);
    }

    private function view(Dog $dog): MeasuresView
    {
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
        $balance = (new BalanceRule())->suggest($ratios, $comfort);

        return new MeasuresView(
            (object) $m,
            $ears,
            $balance,
            isset($m['neck_mm']) && null !== $dog->kg
                ? (new NeckwearRule())->sizes($m['neck_mm'], $dog->kg, self::SEAM)
                : null,
        );
    }
}
