<?php

/** What the columns of a sheet can be, and which of it a heading most likely means. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

final class Columns
{
    /** field => [label, headings that mean it, letters only] */
    public const FIELDS = [
        'name' => ['dog’s name', ['dog', 'dogname', 'dogsname', 'pet', 'petname', 'petsname', 'animal', 'name']],
        'breed' => ['breed or cross', ['breed', 'dogbreed', 'type', 'race', 'cross']],
        'coat' => ['coat', ['coat', 'coattype', 'hair', 'fur']],
        'sex' => ['sex', ['sex', 'gender', 'mf']],
        'born_on' => ['born', ['born', 'bornon', 'dob', 'dateofbirth', 'birthday', 'birthdate', 'yearofbirth']],
        'kg' => ['weight in kg', ['kg', 'weightkg', 'weight', 'weightinkg']],
        'lb' => ['weight in lb', ['lb', 'lbs', 'pounds', 'weightlb', 'weightlbs', 'weightinlb']],
        'colour' => ['colour', ['colour', 'color', 'coatcolour', 'coatcolor']],
        'handling_note' => ['handling, in words', ['handling', 'temperament', 'behaviour', 'behavior', 'warning']],
        'health_note' => ['health, in words', ['health', 'medical', 'allergies', 'conditions', 'healthnotes']],
        'vet' => ['its vet', ['vet', 'veterinary', 'veterinarian', 'vetname']],
        'vaccinated_until' => ['vaccination holds until', ['vaccinateduntil', 'vaccination', 'vaccinationexpires']],
        'wish_weeks' => ['weeks between visits, as wished', ['weeks', 'interval', 'every', 'frequency', 'wishweeks']],
        'paper' => ['how it is trimmed, as on paper', ['notes', 'note', 'trim', 'style', 'groom', 'groomnotes', 'cut',
            'instructions', 'comments', 'paper', ]],
        'owner' => ['owner’s name', ['owner', 'ownername', 'ownersname', 'client', 'clientname', 'customer',
            'customername', 'contact', 'household', ]],
        'phone' => ['phone', ['phone', 'phonenumber', 'mobile', 'cell', 'tel', 'telephone', 'ownerphone',
            'contactnumber', ]],
        'email' => ['e-mail', ['email', 'mail', 'emailaddress', 'owneremail']],
        'id' => ['id of a dog in this book', ['dogid', 'thistleid']],
    ];

    private function __construct()
    {
    }

    /**
     * @param list<string> $header
     *
     * @return list<string> field by column, each once; empty: left out
     */
    public static function likely(array $header): array
    {
        $out = $taken = [];
        foreach ($header as $heading) {
            $letters = (string) preg_replace('/[^a-z]+/', '', mb_strtolower($heading));
            $field = '';
            foreach (self::FIELDS as $id => [, $headings]) {
                if (!isset($taken[$id]) && \in_array($letters, $headings, true)) {
                    $field = $id;
                    break;
                }
            }
            $taken[$field] = true;
            $out[] = $field;
            unset($taken['']);
        }

        return $out;
    }

    /** @return list<array{id: string, label: string}> */
    public static function named(): array
    {
        return array_map(
            static fn (string $id, array $field): array => ['id' => $id, 'label' => $field[0]],
            array_keys(self::FIELDS),
            array_values(self::FIELDS),
        );
    }
}
