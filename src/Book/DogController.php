<?php

/** The book: find a dog, take a new one in, change one. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class DogController
{
    /** @param iterable<WithNewDog> $beginnings */
    public function __construct(
        private DogSearch $search,
        private Scope $scope,
        private Writes $writes,
        private DogIndex $index,
        private Homes $homes,
        private ChangeRecorder $log,
        #[AutowireIterator(WithNewDog::class)] private iterable $beginnings,
    ) {
    }

    #[Route('/api/dogs', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Find dogs as you type, or all of them a page at a time',
        gives: BookView::class,
        query: ['q' => 'dog, owner, breed or phone digits', 'cursor' => 'the next page of all dogs'],
    ),]
    public function list(Actor $actor, Request $request): Response
    {
        $query = trim(mb_substr($request->query->getString('q'), 0, 80));
        $cursor = $request->query->getString('cursor');

        return Json::response(
            '' === $query
                ? $this->search->page($actor, '' === $cursor ? null : $cursor)
                : $this->search->find($actor, $query),
        );
    }

    #[Route('/api/dogs', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Take a new dog into the book', gives: DogView::class, takes: [DogInput::class, 'shape'], status: 201)]
    public function create(Actor $actor, Request $request): Response
    {
        $body = Body::read($request, DogInput::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body): array {
                $dog = new Dog(
                    Uuid::v7(),
                    $this->household($actor, $body, $manager),
                    trim($body->text('name')),
                    trim($body->text('breed')),
                    $body->enum('coat', CoatType::class),
                );
                DogInput::apply($body, $dog, $this->scope->today($actor));
                $manager->persist($dog);
                foreach ($this->beginnings as $beginning) {
                    $beginning->begin($dog, $manager);
                }
                $manager->flush();
                $this->index->refresh($dog);
                $this->log->record($actor, $manager, $dog, 'dog', (string) $dog->id, 'taken into the book');

                return ['dog' => (string) $dog->id];
            },
            fn (array $done, EntityManagerInterface $manager): DogView => DogView::of(
                $this->scope->get($actor, Dog::class, \is_string($done['dog']) ? $done['dog'] : '', $manager, 'dog'),
                true,
            ),
            201,
        );
    }

    #[Route('/api/dogs/{id}', methods: ['PUT'])]
    #[IsGranted(May::DOG)]
    #[Endpoint(
        'Change a dog; 412 when somebody else changed it meanwhile',
        gives: DogView::class,
        takes: [DogInput::class, 'shape'],
        versioned: true,
    ),]
    public function change(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, DogInput::shape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $body, $id, $version): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                if ($dog->version !== $version) {
                    throw Problem::stale(
                        'Somebody changed this dog meanwhile. Your entries are still here; '.
                            'look at theirs and save again.',
                        ['theirs' => DogView::of($dog, true), 'version' => $dog->version],
                    );
                }
                $before = self::forLog($dog);
                DogInput::apply($body, $dog, $this->scope->today($actor));
                $owner = $body->objectOrNull('owner');
                $first = $dog->household->clients->first();
                if (null !== $owner && false !== $first) {
                    $first->name = trim($owner->text('name'));
                    $first->phone = trim($owner->text('phone'));
                    $first->email = trim($owner->text('email'));
                }
                $after = self::forLog($dog);
                $changed = array_keys(
                    array_filter(
                        $after,
                        static fn (mixed $value, string $key): bool => $value !== $before[$key],
                        \ARRAY_FILTER_USE_BOTH,
                    ),
                );
                if ([] === $changed) {
                    return [];
                }
                ++$dog->version;
                $manager->flush();
                $this->index->refresh($dog);
                $words = implode(
                    ', ',
                    array_map(static fn (string $key): string => str_replace('_', ' ', $key), $changed),
                );
                $this->log->record(
                    $actor,
                    $manager,
                    $dog,
                    'dog',
                    (string) $dog->id,
                    "$dog->name: $words changed",
                    array_intersect_key($before, array_flip($changed)),
                    array_intersect_key($after, array_flip($changed)),
                );
                if (\in_array('people', $changed, true)) {
                    $this->homes->changed($manager, $dog);
                }

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): DogView => DogView::of(
                $this->scope->get($actor, Dog::class, $id, $manager, 'dog'),
                true,
            ),
        );
    }

    private function household(Actor $actor, Fields $body, EntityManagerInterface $manager): Household
    {
        $id = $body->textOrNull('household');
        $owner = $body->objectOrNull('owner');
        if (null !== $id) {
            return $this->scope->get($actor, Household::class, $id, $manager, 'household');
        }
        if (null === $owner) {
            throw InvalidInput::missing(
                'owner',
                'name and phone of the owner, or a household that is in the book already',
            );
        }
        $salon = $manager->getReference(Salon::class, $actor->salon);
        \assert($salon instanceof Salon);
        $name = trim($owner->text('name'));
        $words = explode(' ', $name);
        $household = new Household(Uuid::v7(), $salon, end($words));
        $client = new Client(Uuid::v7(), $household, $name, trim($owner->text('phone')));
        $client->email = trim($owner->text('email'));
        $manager->persist($household);

        return $household;
    }

    /** @return array<string, mixed> */
    private static function forLog(Dog $dog): array
    {
        $fields = [];
        foreach (get_object_vars(DogView::of($dog, true)) as $name => $value) {
            if (!\in_array($name, ['id', 'version', 'household', 'household_name'], true)) {
                $fields[(string) $name] = $value;
            }
        }

        return $fields;
    }
}
