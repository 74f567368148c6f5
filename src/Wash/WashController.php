<?php

/** The wash: today's mixes, products, bottles with their labels, and what a skin did not bear. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wash\BottleRule;
use KeenThistle\Core\Wash\MixRule;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class WashController
{
    public function __construct(
        private WashReader $wash,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    #[Route('/api/wash', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Today\'s washing: dogs, mixes, bottles, stock', gives: WashView::class)]
    public function day(Actor $actor): Response
    {
        return Json::response($this->wash->view($actor));
    }

    #[Route('/api/wash/products', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('A new product', gives: WashView::class, takes: [WashInput::class, 'product'], status: 201)]
    public function add(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, WashInput::product());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body): array {
                $salon = $this->scope->salon($actor);
                $product = new Product(Uuid::v7(), $salon, '', 'shampoo', 1.0);
                WashInput::into($product, $body);
                $manager->persist($product);

                return $this->noted($actor, $manager, $product, 'new');
            },
            fn (): WashView => $this->wash->view($actor),
            201,
        );
    }

    #[Route('/api/wash/products/{id}', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'Change a product, its stock, or take it out of use',
        gives: WashView::class,
        takes: [WashInput::class, 'product'],
        versioned: true,
    ),]
    public function change(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, WashInput::product());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version): array {
                $product = $this->scope->get($actor, Product::class, $id, $manager, 'product');
                if ($product->version !== $version) {
                    throw Problem::stale('Somebody changed this product meanwhile, or mixed from it.', [
                        'version' => $product->version,
                        'theirs_stock_ml' => $product->stockMl,
                    ]);
                }
                WashInput::into($product, $body);

                return $this->noted($actor, $manager, $product, $product->active ? 'changed' : 'out of use');
            },
            fn (): WashView => $this->wash->view($actor),
        );
    }

    #[Route('/api/wash/bottles', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Mix: bottles with their labels, the concentrate taken from the stock',
        gives: WashView::class,
        takes: [WashInput::class, 'bottles'],
        status: 201,
    ),]
    public function mix(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, WashInput::bottles());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body): array {
                $product = $this->scope->get($actor, Product::class, $body->text('product'), $manager, 'product');
                $manager->refresh($product, LockMode::PESSIMISTIC_WRITE);
                $staff = $this->scope->person($actor);
                $today = $this->scope->today($actor);
                $mix = (new MixRule())->litres($body->float('litres'), $product->ratio);
                $fill = (new BottleRule())->fill(
                    $mix,
                    $product->name,
                    $product->ratio,
                    $product->bottleMl,
                    $today,
                    $product->labelDays,
                    $body->dateOrNull('discard_by'),
                    $product->litreMinor,
                    $product->stockMl,
                );
                $count = \is_int($fill['bottles']) ? $fill['bottles'] : 1;
                $by = new \DateTimeImmutable(\is_string($fill['discard_by']) ? $fill['discard_by'] : 'today');
                $left = 1000 * $mix->litres;
                for ($i = 0; $i < $count; ++$i) {
                    $ml = min($left, (float) $product->bottleMl);
                    $left -= $ml;
                    $manager->persist(
                        new Bottle(
                            Uuid::v7(),
                            $product,
                            $staff,
                            $ml,
                            ($mix->concentrate * $ml) / (1000 * $mix->litres),
                            $today,
                            $by,
                        ),
                    );
                }
                // The jug may hold more than was counted: what is poured is poured.
                $product->stockMl = max(0.0, round($product->stockMl - $mix->concentrate, 1));

                return $this->noted(
                    $actor,
                    $manager,
                    $product,
                    \sprintf('%s l mixed, %d %s', round($mix->litres, 2), $count, 1 === $count ? 'bottle' : 'bottles'),
                );
            },
            fn (): WashView => $this->wash->view($actor),
            201,
        );
    }

    public static function pouredShape(): Shape
    {
        return Shape::object([
            'poured' => Shape::boolean()
                ->required()
                ->describe('used up or poured away; false: it stands there after all'),
        ]);
    }

    #[Route('/api/wash/bottles/{id}', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'A bottle is empty, or stands there after all',
        gives: WashView::class,
        takes: [self::class, 'pouredShape'],
        versioned: true,
    ),]
    public function pour(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::pouredShape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $version): array {
                $bottle = $this->scope->get($actor, Bottle::class, $id, $manager, 'bottle');
                if ($bottle->version !== $version) {
                    throw Problem::stale('Somebody emptied this bottle meanwhile.', ['version' => $bottle->version]);
                }
                $bottle->pouredOn = $body->bool('poured') ? $this->scope->today($actor) : null;

                return $this->noted(
                    $actor,
                    $manager,
                    $bottle->product,
                    $body->bool('poured') ? 'a bottle is empty' : 'a bottle stands there after all',
                );
            },
            fn (): WashView => $this->wash->view($actor),
        );
    }

    #[Route('/api/dogs/{id}/reactions', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'A skin did not bear a product: it stands on the dog\'s card from now on',
        gives: WashView::class,
        takes: [WashInput::class, 'reaction'],
        status: 201,
    ),]
    public function react(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, WashInput::reaction());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
                $product = $this->scope->get($actor, Product::class, $body->text('product'), $manager, 'product');
                $dog->reactions = [
                    ...$dog->reactions,
                    [
                        'id' => (string) Uuid::v7(),
                        'product' => (string) $product->id,
                        'name' => $product->name,
                        'what' => trim($body->text('what')),
                        'on' => $this->scope->today($actor)->format('Y-m-d'),
                        'who' => $this->scope->person($actor)->name,
                    ],
                ];
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'reaction',
                    (string) $product->id,
                    \sprintf('reaction to %s: %s', $product->name, trim($body->text('what'))),
                );

                return [];
            },
            fn (): WashView => $this->wash->view($actor),
            201,
        );
    }

    #[Route('/api/dogs/{id}/reactions/{reaction}', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('A reaction was written down by mistake, or a vet has cleared it', gives: WashView::class)]
    public function unreact(Actor $actor, Request $request, string $id, string $reaction): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $reaction): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
                $left = array_values(
                    array_filter($dog->reactions, static fn (array $r): bool => $r['id'] !== $reaction),
                );
                if (\count($left) === \count($dog->reactions)) {
                    throw Problem::notFound('reaction');
                }
                $dog->reactions = $left;
                $this->log->record($actor, $manager, $dog, 'reaction', $reaction, 'a reaction taken off the card');

                return [];
            },
            fn (): WashView => $this->wash->view($actor),
        );
    }

    /** @return array{} */
    private function noted(Actor $actor, EntityManagerInterface $manager, Product $product, string $what): array
    {
        $this->log->record($actor, $manager, null, 'wash', (string) $product->id, "$product->name: $what");

        return [];
    }
}
