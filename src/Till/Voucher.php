<?php

/** A voucher that was sold: what is left on it is owed to whoever has it. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['salon_id', 'code'])]
class Voucher implements SalonOwned
{
    use Owned;
    use Versioned;

    /** Without what is easily misread. */
    private const LETTERS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';
    private const LENGTH = 8;

    /** "7KQ2-MX4D", as it is printed and typed. */
    #[ORM\Column(length: 9)]
    public string $code;

    #[ORM\Column]
    public int $minor;

    #[ORM\Column(name: 'left_minor')]
    public int $left;

    /** Id of the sale that sold it. */
    #[ORM\Column(type: 'uuid')]
    public Uuid $sale;

    public function __construct(Salon $salon, int $minor)
    {
        $this->id = Uuid::v7();
        $this->salon = $salon;
        $this->minor = $this->left = $minor;
        $code = '';
        for ($i = 0; $i < self::LENGTH; ++$i) {
            $code .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        $this->code = substr($code, 0, 4).'-'.substr($code, 4);
    }

    /** As it was typed: small letters and a forgotten dash are forgiven. */
    public static function typed(string $code): string
    {
        $plain = strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $code));

        return substr($plain, 0, 4).'-'.substr($plain, 4, 4);
    }
}
