<?php

/** What a record says of a dog by which it could be known again. */

declare(strict_types=1);

namespace KeenThistle\Core\Same;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class Record
{
    public function __construct(
        public string $name,
        public string $owner,
        public string $phone,
        public string $breed,
        public string $build,
        public CoatType $coat,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'name' => Shape::text(1, 60)->required(),
            'owner' => Shape::text(0, 80)->default(''),
            'phone' => Shape::text(0, 40)->default(''),
            'breed' => Shape::text(0, 80)->default(''),
            'build' => Shape::text(0, 20)->default(''),
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
        ]);
    }

    public static function of(Fields $in): self
    {
        return new self(
            $in->text('name'),
            $in->text('owner'),
            $in->text('phone'),
            $in->text('breed'),
            $in->text('build'),
            $in->enum('coat', CoatType::class),
        );
    }
}
