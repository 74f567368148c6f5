<?php

/** Packs the pieces of an export into one zip: JSON, a CSV a table, contacts, photos, and what all of it is. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Client;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Sabre\VObject\Component\VCard;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

final readonly class Packing
{
    /** Of nine levels: hundreds of megabytes of text are packed while somebody waits. */
    private const QUICKLY = 2;
    private const README = <<<'TEXT'
        Everything of a salon, to take along.

        salon.json    all rows, as docs/formats/salon-1.schema.json of the application describes them (schema.json)
        csv/          the same, a file a table (RFC 4180, UTF-8); text that a spreadsheet would take for a formula
                      has a ' before it there
        contacts.vcf  owners as vCard 4 (RFC 6350)
        photos/       photos by their ids, large ones
        papers/       cards, agreements, home-care sheets and receipts as PDF, where they were asked for

        Passwords, PINs and links are not in it.
        TEXT;

    public function __construct(
        private SalonFormat $format,
        private Exports $exports,
        private Scope $scope,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        #[Autowire('%env(PHOTO_DIR)%')] private string $photos,
    ) {
    }

    public function pack(Actor $actor, string $export): void
    {
        $work = $this->exports->pieces($actor, $export);
        $zip = new \ZipArchive();
        $path = $this->exports->path($actor, $export);
        if (true !== $zip->open("$path.new", \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('The export cannot be written.');
        }
        $zip->addFromString('README.txt', self::README);
        $zip->addFromString('schema.json', json_encode(
            $this->format->schema(),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES,
        ));
        $this->json($actor, $export, "$work/salon.json");
        $zip->addFile("$work/salon.json", 'salon.json');
        $zip->setCompressionName('salon.json', \ZipArchive::CM_DEFLATE, self::QUICKLY);
        foreach ($this->format->tables() as $table => $columns) {
            $this->csv($actor, $export, $table, array_keys($columns), "$work/$table.csv");
            $zip->addFile("$work/$table.csv", "csv/$table.csv");
            $zip->setCompressionName("csv/$table.csv", \ZipArchive::CM_DEFLATE, self::QUICKLY);
        }
        $zip->addFromString('contacts.vcf', $this->contacts($actor));
        foreach ($this->exports->piecesOf($actor, $export, 'photo') as $file) {
            foreach (self::lines($file) as $line) {
                $id = self::row($line)['id'] ?? null;
                $photo = \is_string($id) ? glob("$this->photos/$id*large*") : false;
                foreach (false === $photo ? [] : $photo as $one) {
                    $zip->addFile($one, 'photos/'.basename($one));
                }
            }
        }
        $papers = glob("$work/papers/*/*.pdf");
        foreach (false === $papers ? [] : $papers as $paper) {
            $zip->addFile($paper, 'papers/'.basename(\dirname($paper)).'/'.basename($paper));
        }
        $zip->close();
        rename("$path.new", $path);
        $this->exports->done($actor, $export);
    }

    /** Piece by piece: a large salon is never in memory at once. */
    private function json(Actor $actor, string $export, string $to): void
    {
        $out = self::open($to);
        fwrite($out, \sprintf(
            '{"format":"%s","version":%d,"made_at":"%s","tables":{',
            SalonFormat::NAME,
            SalonFormat::VERSION,
            $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
        ));
        foreach (array_keys($this->format->tables()) as $n => $table) {
            fwrite($out, (0 === $n ? '' : ',')."\n\"$table\":[");
            $before = "\n";
            foreach ($this->exports->piecesOf($actor, $export, $table) as $file) {
                if (0 < (int) filesize($file)) {
                    fwrite($out, $before);
                    self::append($file, $out);
                    $before = ",\n";
                }
            }
            fwrite($out, ']');
        }
        fwrite($out, "}}\n");
        fclose($out);
    }

    /** @param list<string> $columns */
    private function csv(Actor $actor, string $export, string $table, array $columns, string $to): void
    {
        $out = self::open($to);
        $headings = array_map(static fn (string $c): string => SalonFormat::heading($table, $c), $columns);
        fwrite($out, Csv::of([$headings]));
        foreach ($this->exports->piecesOf($actor, $export, $table, '/csv') as $file) {
            self::append($file, $out);
        }
        fclose($out);
    }

    private function contacts(Actor $actor): string
    {
        $this->scope->apply($actor, $this->manager);
        $out = '';
        foreach ($this->manager->getRepository(Client::class)->findBy([], ['name' => 'ASC']) as $c) {
            $about = ['VERSION' => '4.0', 'FN' => $c->name, 'UID' => "urn:uuid:$c->id", 'KIND' => 'individual'];
            $card = new VCard($about);
            if ('' !== $c->phone) {
                $card->add('TEL', $c->phone);
            }
            if ('' !== $c->email) {
                $card->add('EMAIL', $c->email);
            }
            $out .= $card->serialize();
        }

        return $out;
    }

    /** @param resource $out */
    private static function append(string $file, $out): void
    {
        $in = fopen($file, 'r');
        if (false === $in || false === stream_copy_to_stream($in, $out)) {
            throw new \RuntimeException("$file cannot be read.");
        }
        fclose($in);
    }

    /** @return \Generator<string> */
    private static function lines(string $file): \Generator
    {
        $in = fopen($file, 'r');
        while (false !== $in && false !== ($line = fgets($in))) {
            yield rtrim($line, ",\n");
        }
        if (false !== $in) {
            fclose($in);
        }
    }

    /** @return array<array-key, mixed> */
    private static function row(string $line): array
    {
        $row = json_decode($line, true, 64, \JSON_THROW_ON_ERROR);

        return \is_array($row) ? $row : [];
    }

    /** @return resource */
    private static function open(string $file)
    {
        $out = fopen($file, 'w');

        return false === $out ? throw new \RuntimeException("$file cannot be written.") : $out;
    }
}
