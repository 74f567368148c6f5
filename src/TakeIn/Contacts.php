<?php

/** An address book (vCard): who of it would become a home, who is in the book already, who cannot be kept and why. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Book\HomeForm;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Sabre\VObject\Document;
use Sabre\VObject\Property;

final readonly class Contacts
{
    private const MOST = 5000;
    private const NAME = 80;
    private const MAIL = 120;

    public function __construct(private Scope $scope)
    {
    }

    /**
     * @return list<ContactView> as they stand in the file
     *
     * @throws InvalidInput for a file that is none, or of more than so many
     */
    public function of(Actor $actor, string $bytes): array
    {
        $known = [];
        foreach ($this->scope->rows($actor, 'SELECT name, phone, email FROM client WHERE salon_id = :salon') as $r) {
            $known[Known::key('', Row::text($r['name']), Row::text($r['phone']))] = true;
            $known['@'.strtolower(Row::text($r['email']))] = true;
        }
        unset($known['@']);
        $out = [];
        foreach (Parsed::cards($bytes) as $card) {
            if (\count($out) >= self::MOST) {
                throw InvalidInput::at('file', 'must have '.self::MOST.' people or fewer');
            }
            $one = self::one(self::name($card), self::first($card, 'TEL'), self::first($card, 'EMAIL'), $known);
            $known[Known::key('', $one->name, $one->phone)] = true;
            $out[] = $one;
        }

        return $out;
    }

    /** @param array<string, true> $known */
    private static function one(string $name, string $phone, string $email, array $known): ContactView
    {
        $phone = trim((string) preg_replace(['/^tel:/i', '/[^\d +()\/.-]+/'], ['', ' '], $phone));
        $isKnown = isset($known[Known::key('', $name, $phone)]) || isset($known['@'.strtolower($email)]);
        $why = match (true) {
            mb_strlen($name) < 2 => 'has no name',
            mb_strlen($name) > self::NAME => 'has a name of more than '.self::NAME.' letters',
            '' === $phone && '' === $email => 'has no number and no e-mail address',
            '' !== $phone && 1 !== preg_match(HomeForm::PHONE, $phone) => "has a number that is none: $phone",
            '' !== $email && !self::isMail($email) => 'has an e-mail address that is none',
            default => '',
        };

        return new ContactView($name, $phone, $email, $isKnown ? 'known' : ('' === $why ? 'new' : 'fault'), $why);
    }

    private static function isMail(string $email): bool
    {
        return mb_strlen($email) <= self::MAIL && false !== filter_var($email, \FILTER_VALIDATE_EMAIL);
    }

    private static function name(Document $card): string
    {
        $full = self::first($card, 'FN');
        if ('' !== $full) {
            return $full;
        }
        // Older cards have the parts only: family name, given name.
        $parts = explode(';', self::first($card, 'N'));

        return trim(trim($parts[1] ?? '').' '.trim($parts[0]));
    }

    private static function first(Document $card, string $property): string
    {
        $found = $card->select($property)[0] ?? null;
        $text = $found instanceof Property ? $found->getValue() : '';

        return trim((string) preg_replace('/\s+/u', ' ', mb_scrub(\is_string($text) ? $text : '')));
    }
}
