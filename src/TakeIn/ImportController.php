<?php

/** A sheet of dogs and owners: given, looked at, taken in, taken out again. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;
use KeenThistle\Work\JobView;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class ImportController
{
    private const EXAMPLES = 3;

    public function __construct(
        private Imports $imports,
        private Commands $commands,
        private Jobs $jobs,
        private Scope $scope,
    ) {
    }

    #[Route('/api/imports', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Sheets that were given, newest first', gives: ImportsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response(new ImportsView($this->imports->all($actor)));
    }

    #[Route('/api/imports', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Give a sheet (CSV): multipart with file; nothing is taken in yet',
        gives: ImportView::class,
        status: 201,
    )]
    public function give(Actor $actor, Request $request, Key $key): Response
    {
        $file = self::file($request);
        $name = mb_scrub($file->getClientOriginalName());
        $done = $this->commands->run(new GiveSheet('' === $name ? 'sheet' : $name, $file->getContent()), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('import')), 201);
    }

    #[Route('/api/imports/salon', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint(
        'Take a whole salon in: multipart with file, as an export has it; the worker does it',
        gives: JobView::class,
        status: 202,
    )]
    public function salon(Actor $actor, Request $request, Key $key): Response
    {
        $done = $this->commands->run(new GiveSalon(self::file($request)->getContent()), $actor, $key);

        return Answer::to($done, $this->jobs->view($actor, $done->id('job')), 202);
    }

    #[Route('/api/imports/{id}', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('A sheet, with what its columns most likely are', gives: ImportView::class)]
    public function show(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    #[Route('/api/imports/{id}/answer', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('What the sheet would come to; nothing is written', gives: CheckView::class)]
    public function answer(Actor $actor, string $id, #[FromBody] ColumnsForm $columns): Response
    {
        $sheet = $this->imports->sheet($actor, $id);

        return Json::response(CheckView::of(Checked::of($sheet, $columns, $actor, $this->scope)));
    }

    #[Route('/api/imports/{id}', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Take the dogs of the sheet in; the worker does it', gives: ImportView::class, status: 202)]
    public function begin(Actor $actor, string $id, #[FromBody] ColumnsForm $columns, Key $key): Response
    {
        $done = $this->commands->run(new TakeSheetIn($id, $columns), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('import')), 202);
    }

    #[Route('/api/imports/{id}', methods: ['DELETE'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Take the dogs of the sheet out again, if nobody has worked with one', gives: ImportView::class)]
    public function undo(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new UndoImport($id), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('import')));
    }

    private static function file(Request $request): UploadedFile
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile) {
            throw InvalidInput::missing('file', 'a file of at most 12 MB');
        }

        return $file->isValid() ? $file : throw InvalidInput::at('file', 'did not arrive whole: at most 12 MB');
    }

    private function view(Actor $actor, string $id): ImportView
    {
        $import = $this->imports->get($actor, $id);
        try {
            $sheet = $this->imports->sheet($actor, $import['id']);
        } catch (Refused) {
            $sheet = null;
        }
        $columns = null === $sheet ? [] : self::columns($sheet);

        return new ImportView(
            $import['id'],
            $import['name'],
            $import['state'],
            $import['made'],
            $columns,
            Columns::named(),
            $sheet->encoding ?? '',
            $this->jobs->on($actor, $import['id']),
        );
    }

    /** @return list<array{heading: string, likely: string, examples: list<string>}> */
    private static function columns(Sheet $sheet): array
    {
        $likely = Columns::likely($sheet->header);
        $examples = [];
        foreach ($sheet->below() as $cells) {
            foreach ($cells as $n => $cell) {
                if ('' !== $cell && \count($examples[$n] ?? []) < self::EXAMPLES) {
                    $examples[$n][] = mb_strimwidth($cell, 0, 60, '…');
                }
            }
            if (self::EXAMPLES * \count($sheet->header) <= array_sum(array_map(\count(...), $examples))) {
                break;
            }
        }

        return array_map(
            static fn (int $n, string $heading): array => [
                'heading' => $heading,
                'likely' => $likely[$n],
                'examples' => $examples[$n] ?? [],
            ],
            array_keys($sheet->header),
            $sheet->header,
        );
    }
}
