<?php

/** Photos of an arrival: take one in, show it, take it out again. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PhotoController
{
    public const WHOLE = 'whole';

    public function __construct(
        private ArrivalRows $rows,
        private PhotoStore $store,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/arrivals/{id}/photos', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Add a photo: multipart with photo, zone (an id, or whole) and moment (before or after)',
        gives: PhotoView::class,
        status: 201,
    )]
    public function add(Actor $actor, Request $request, string $id, Key $key): Response
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
        $bytes = self::file($request)->getContent();
        $done = $this->commands->run(new AddPhoto($id, $zone, $moment, $bytes), $actor, $key);
        $photo = $this->scope->get($actor, Photo::class, $done->id('photo'), $this->manager, 'photo');

        return Answer::to(
            $done,
            new PhotoView(
                id: (string) $photo->id,
                zone: $photo->zone,
                moment: $photo->moment,
                width: $photo->width,
                height: $photo->height,
                who: $photo->staff->name,
                removable: true,
            ),
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
        $bytes = $this->store->read((string) $photo->id, $size) ?? throw Refused::notFound('photo');

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
    public function remove(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new TakePhotoOut($id), $actor, $key), []);
    }

    private static function file(Request $request): UploadedFile
    {
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

        return $file;
    }
}
