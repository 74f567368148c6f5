<?php

/** Photos of an arrival: take one in, show it, take it out again. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class PhotoController
{
    public const WHOLE = 'whole';

    public function __construct(
        private ArrivalRows $rows,
        private PhotoStore $store,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/arrivals/{id}/photos', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Add a photo: multipart with photo, zone (an id, or whole) and moment (before or after)',
        gives: PhotoView::class,
        status: 201,
    ),]
    public function add(Actor $actor, Request $request, string $id): Response
    {
        $this->rows->arrival($actor, $id);
        $zone = $request->request->getString('zone');
        $moment = $request->request->getString('moment', 'before');
        if (self::WHOLE !== $zone && !\in_array($zone, ZoneTable::ids(), true)) {
            throw InvalidInput::notOneOf('zone', mb_substr($zone, 0, 60), [self::WHOLE, ...ZoneTable::ids()], 'zone');
        }
        if (!\in_array($moment, Photo::MOMENTS, true)) {
            throw InvalidInput::notOneOf('moment', mb_substr($moment, 0, 60), Photo::MOMENTS, 'moment');
        }
        $file = $request->files->get('photo');
        if (!$file instanceof UploadedFile) {
            throw InvalidInput::missing('photo', 'a photo');
        }
        if (!$file->isValid()) {
            throw InvalidInput::at(
                'photo',
                \in_array($file->getError(), [\UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE], true)
                    ? 'is too large: at most '.(int) (PhotoStore::MAX_BYTES / 1e6).' MB'
                    : 'did not arrive whole: send it again',
            );
        }
        $bytes = $file->getContent();

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $zone, $moment, $bytes): array {
                $arrival = $this->rows->arrival($actor, $id);
                $photo = Uuid::v7();
                [$width, $height] = $this->store->take((string) $photo, $bytes);
                $who = $this->scope->person($actor);
                $manager->persist(new Photo($photo, $arrival, $who, $zone, $moment, $width, $height));
                $this->log->record(
                    $actor,
                    $manager,
                    $arrival->dog,
                    'arrival',
                    (string) $arrival->id,
                    "photo $moment: ".str_replace('_', ' ', $zone),
                );

                return ['photo' => (string) $photo];
            },
            function (array $done, EntityManagerInterface $manager) use ($actor): PhotoView {
                $photo = $this->scope->get(
                    $actor,
                    Photo::class,
                    \is_string($done['photo']) ? $done['photo'] : '',
                    $manager,
                    'photo',
                );

                return new PhotoView(
                    (string) $photo->id,
                    $photo->zone,
                    $photo->moment,
                    $photo->width,
                    $photo->height,
                    $photo->staff->name,
                    true,
                );
            },
            201,
        );
    }

    #[Route('/api/photos/{id}/{size}', requirements: ['size' => 'large|small'], methods: ['GET'])]
    #[IsGranted(May::READ)]
    public function show(Actor $actor, Request $request, string $id, string $size): Response
    {
        $photo = $this->scope->get($actor, Photo::class, $id, $this->manager, 'photo');
        // Asked each time: a tablet is shared, and what is kept on it must not outlive a sign-out.
        $etag = "$photo->id-$size";
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }
        $bytes = $this->store->read((string) $photo->id, $size) ?? throw Problem::notFound('photo');

        return Json::withEtag(
            new Response($bytes, 200, [
                'Content-Type' => 'image/jpeg',
                'Content-Disposition' => 'inline; filename="photo.jpg"',
            ]),
            $etag,
        );
    }

    #[Route('/api/photos/{id}', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take a photo out: its maker within a day, a manager always')]
    public function remove(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $photo = $this->scope->get($actor, Photo::class, $id, $manager, 'photo');
                $me = $this->scope->person($actor);
                if (!Photo::mayBeTakenOut($photo->id, $photo->staff->id->equals($me->id), $me, $this->clock->now())) {
                    throw Problem::forbidden('A photo is taken out by a manager, or by who took it within a day.');
                }
                $this->log->record(
                    $actor,
                    $manager,
                    $photo->arrival->dog,
                    'arrival',
                    (string) $photo->arrival->id,
                    'photo taken out: '.str_replace('_', ' ', $photo->zone),
                );
                $manager->remove($photo);
                $this->store->putAside($id);

                return [];
            },
            static fn (): array => [],
        );
    }
}
