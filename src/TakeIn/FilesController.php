<?php

/** An address book or a calendar from elsewhere: looked at first, then taken in. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Diary\BookDog;
use KeenThistle\Diary\NewBooking;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Kind;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class FilesController
{
    public function __construct(
        private Contacts $contacts,
        private Appointments $appointments,
        private Commands $commands,
    ) {
    }

    #[Route('/api/contacts/answer', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('What an address book (vCard) would come to: multipart with file', gives: ContactsView::class)]
    public function lookAtContacts(Actor $actor, Request $request): Response
    {
        return Json::response(new ContactsView($this->contacts->of($actor, self::bytes($request))));
    }

    #[Route('/api/contacts', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Take in who of an address book is new, each as a home: multipart with file',
        gives: ContactsView::class,
    )]
    public function takeContactsIn(Actor $actor, Request $request, Key $key): Response
    {
        $bytes = self::bytes($request);
        $contacts = $this->contacts->of($actor, $bytes);
        $done = $this->commands->run(new TakeContactsIn($bytes), $actor, $key);
        $made = $done->kept['made'] ?? 0;

        return Answer::to($done, new ContactsView($contacts, \is_int($made) ? $made : 0));
    }

    #[Route('/api/appointments/answer', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('What a calendar (iCalendar) would come to: multipart with file', gives: AppointmentsView::class)]
    public function lookAtAppointments(Actor $actor, Request $request): Response
    {
        return Json::response(new AppointmentsView($this->appointments->of($actor, self::bytes($request))));
    }

    #[Route('/api/appointments', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Book what of a calendar can be booked; each says whether it was: multipart with file',
        gives: AppointmentsView::class,
    )]
    public function book(Actor $actor, Request $request, Key $key): Response
    {
        $out = [];
        $made = 0;
        foreach ($this->appointments->of($actor, self::bytes($request)) as $n => $a) {
            if ('ready' === $a->state) {
                $a = $this->one($actor, $a, new Key("$key->value-$n"));
                $made += 'booked' === $a->state ? 1 : 0;
            }
            $out[] = $a;
        }

        return Json::response(new AppointmentsView($out, $made));
    }

    /** Each by itself: one that finds no place leaves the others theirs. */
    private function one(Actor $actor, AppointmentView $a, Key $key): AppointmentView
    {
        $booking = new NewBooking(new \DateTimeImmutable($a->day), $a->time, $a->kind, note: $a->title);
        try {
            $this->commands->run(new BookDog((string) $a->dog, $booking), $actor, $key);
        } catch (Refused $e) {
            if (Kind::Busy === $e->kind || Kind::Resting === $e->kind) {
                throw $e;
            }

            return $a->with('fault', $e->getMessage());
        } catch (InvalidInput $e) {
            return $a->with('fault', $e->getMessage());
        }

        return $a->with('booked');
    }

    private static function bytes(Request $request): string
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile) {
            throw InvalidInput::missing('file', 'a file of at most 12 MB');
        }

        return $file->isValid()
            ? $file->getContent()
            : throw InvalidInput::at('file', 'did not arrive whole: at most 12 MB');
    }
}
