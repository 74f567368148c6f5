<?php

/** The demo salon's dogs as plain data: invented, each with a story a groomer would know. */

declare(strict_types=1);

namespace KeenThistle\Demo;

/**
 * A zone line reads "what: how": "7F", "16/10" (guard over base), "scissor 25", "strip 30", "leave", then options in words:
 * against, @reason, >stop line, =shape, !exception.
 *
 * @phpstan-type Story array{name: string, breed: string, owner: array{string, string}, coat: string, kg: float, born: int, estimated?: bool, sex?: string, stage?: string, build?: string, muzzle?: string, tail: array{string, string}, ears: array{string, string}, upkeep?: string, finish?: string, ground?: string, floor?: bool, dewclaws?: int, stripped?: bool, handling?: string, note: string, health?: list<string>, healthnote?: string, vet?: string, collect?: string, wish?: int, stopped?: bool, visits: int, every: int, speed: float, load: float, tender?: int, place: int, plan: list<string>}
 */
final class DemoDogs
{
    private function __construct()
    {
    }

    /** @return list<Story> */
    public static function all(): array
    {
        return [
            [
                'name' => 'Tansy', 'breed' => 'Water dog cross', 'owner' => ['Aveline Marchpane', '0555 014 4471'], 'coat' => 'curly', 'kg' => 11.0, 'born' => 4, 'sex' => 'female_neutered',
                'tail' => ['plume', 'up'], 'ears' => ['drop', 'level'], 'wish' => 8, 'vet' => 'Dr Umbel, Weirside Animal Practice', 'collect' => 'Aveline; her brother Corin',
                'note' => 'Lift the left hind only from behind. Likes to see the door.', 'visits' => 8, 'every' => 6, 'speed' => 1.06, 'load' => 9.0, 'place' => 0,
                'plan' => ['back ribs_* loin rump shoulder_* chest: 16/10', 'neck_sides nape: 16/10', 'throat: 7F >breastbone_dip', 'belly: 7F', 'foreleg_* thigh_* hock_*: scissor 25 =legs columned @balance', 'breeches_*: scissor 22', 'skull: scissor 24 =round head, soft muzzle', 'cheek_*: scissor 20', 'muzzle beard: scissor 22 =round head, soft muzzle', 'fringe: scissor 20 =fringe kept, sides cleared', 'stop: 10 >eye_corner @comfort', 'inner_eye_*: thin 3 @hygiene', 'ear_outer_*: 16/10 >ear_fold', 'ear_feather_*: scissor 28 =straight lower edge', 'tail_flag tail_tip: scissor 30 =flag in an arc from the root', 'tail_root: 10/10 ', 'toe_outline_#: scissor 18 =round foot', 'pads_#: toe @hygiene =pads level', 'groin belly_patch under_tail_ring: 10 @hygiene =ring + strip'],
            ],
            [
                'name' => 'Osric', 'breed' => 'Rough hill terrier', 'owner' => ['Bertrand Sallow', '0555 014 2280'], 'coat' => 'wire', 'kg' => 9.0, 'born' => 6, 'sex' => 'male',
                'tail' => ['long', 'up'], 'ears' => ['button', 'high'], 'finish' => 'relaxed', 'stripped' => true, 'build' => 'square', 'muzzle' => 'medium', 'upkeep' => 'alternate_days',
                'note' => 'Tires after forty minutes of stripping: in instalments. Marker word "there".', 'visits' => 6, 'every' => 10, 'speed' => 0.95, 'load' => 1.5, 'place' => 0,
                'plan' => ['back ribs_* loin rump shoulder_*: strip 28 @breed_outline', 'neck_sides nape: strip 18 @breed_outline', 'chest: strip 14', 'throat: 7F', 'belly: scissor 30', 'foreleg_* thigh_* hock_*: scissor 32 =legs columned', 'skull cheek_*: strip 6', 'brow: scissor 20 =straight brow', 'beard: scissor 38 =beard kept @owner_wish', 'muzzle: scissor 14', 'ear_outer_*: 10 =leather clipped to the fold, feather left', 'tail_root tail_flag tail_tip: strip 14 =carrot', 'pads_#: toe @hygiene', 'toe_outline_#: scissor 12 =round foot', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Marl', 'breed' => 'Farm shepherd cross', 'owner' => ['Goda Fellrunner', '0555 014 9036'], 'coat' => 'long_double', 'kg' => 28.0, 'born' => 9, 'stage' => 'senior', 'sex' => 'male_neutered', 'health' => ['joints', 'age'],
                'tail' => ['plume', 'down'], 'ears' => ['prick', 'high'], 'build' => 'leggy', 'muzzle' => 'long', 'upkeep' => 'rarely', 'ground' => 'soft', 'place' => 2, 'finish' => 'relaxed',
                'note' => 'Hips: stand him on the mat, lie down for nails. Undercoat twice a year in the yard.', 'visits' => 5, 'every' => 16, 'speed' => 1.0, 'load' => 8.0, 'vet' => 'Dr Umbel, Weirside Animal Practice',
                'plan' => ['back ribs_* loin rump shoulder_* nape neck_sides chest: card 55 @comfort', 'breeches_*: scissor 45 =breeches shortened @hygiene', 'belly: leave 40', 'under_tail_ring channel: scissor 12 @hygiene =ring + strip', 'pads_#: toe @hygiene', 'toe_outline_#: scissor 10 =natural foot', 'ear_outer_*: leave 8', 'tail_flag: card 70'],
            ],
            [
                'name' => 'Dimity', 'breed' => 'Small silk-coated companion', 'owner' => ['Philippa Hartsease', '0555 014 7715'], 'coat' => 'silky_drop', 'kg' => 3.2, 'born' => 13, 'stage' => 'senior', 'sex' => 'female_neutered', 'health' => ['heart', 'age'],
                'tail' => ['plume', 'up'], 'ears' => ['short_drop', 'high'], 'build' => 'low', 'muzzle' => 'short', 'upkeep' => 'daily', 'handling' => 'fidgety', 'place' => 0, 'healthnote' => 'Heart tablets at eight and at four. Coughs when tired: stop then.',
                'note' => 'Owner has fragile skin: nails ground smooth, no sharp edge left.', 'visits' => 7, 'every' => 4, 'speed' => 0.98, 'load' => 3.0, 'floor' => true,
                'plan' => ['back ribs_* loin rump shoulder_*: 13/10', 'chest neck_sides nape throat: 13/10', 'belly: 10', 'foreleg_* thigh_* hock_*: scissor 18', 'skull fringe: scissor 14 =half-circle brow', 'muzzle cheek_* beard: scissor 10 =round head, soft muzzle', 'inner_eye_*: thin 2 @comfort', 'ear_outer_* ear_feather_*: scissor 16 =edge only', 'tail_flag: scissor 35', 'pads_#: toe @hygiene =pads flush', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Gantry', 'breed' => 'Short-faced bull cross', 'owner' => ['Lorcan Tidewell', '0555 014 3342'], 'coat' => 'smooth', 'kg' => 12.5, 'born' => 5, 'sex' => 'male', 'health' => ['airway', 'skin'],
                'tail' => ['bob', 'level'], 'ears' => ['rose', 'level'], 'build' => 'low', 'muzzle' => 'flat', 'upkeep' => 'weekly', 'ground' => 'hard', 'place' => 1,
                'note' => 'Cool air only, upright hold. Folds wiped dry.', 'visits' => 4, 'every' => 6, 'speed' => 1.0, 'load' => 0.0, 'healthnote' => 'Snores awake. Itchy folds: shown to his vet in spring.',
                'plan' => ['back ribs_* rump chest: card 12', 'pads_#: leave 2', 'tail_root: leave 10'],
            ],
            [
                'name' => 'Sorrel', 'breed' => 'Marsh spaniel', 'owner' => ['Ottoline Reedman', '0555 014 6609'], 'coat' => 'feathered', 'kg' => 15.0, 'born' => 3, 'sex' => 'female',
                'tail' => ['long', 'level'], 'ears' => ['long_drop', 'low'], 'build' => 'square', 'muzzle' => 'long', 'upkeep' => 'weekly', 'ground' => 'soft', 'place' => 0,
                'note' => 'Her 20 mm guard lives in the salon only.', 'visits' => 6, 'every' => 7, 'speed' => 1.1, 'load' => 6.0,
                'plan' => ['back ribs_* loin rump shoulder_*: 20/30', 'nape neck_sides: 7F >rear_ear_crease', 'throat: 7 >breastbone_dip', 'chest belly: scissor 40 =skirt kept', 'foreleg_*: 13/10', 'front_feather_*: scissor 45', 'thigh_*: 20/30', 'breeches_*: scissor 45', 'skull: 7F', 'cheek_* muzzle: 10', 'ear_outer_*: 10 against >ear_fold', 'ear_feather_*: scissor 42 =bell', 'ear_inner_*: 10 @hygiene', 'tail_flag: scissor 45 =flag in an arc from the root', 'hock_*: scissor 10', 'pads_#: toe @hygiene', 'toe_outline_#: scissor 12', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Perrin', 'breed' => 'Wavy-coated cross', 'owner' => ['Aveline Marchpane', '0555 014 4471'], 'coat' => 'wavy_single', 'kg' => 7.5, 'born' => 1, 'stage' => 'changing', 'sex' => 'male', 'handling' => 'frightened',
                'tail' => ['curled', 'up'], 'ears' => ['drop', 'level'], 'build' => 'square', 'muzzle' => 'short', 'upkeep' => 'surface_only', 'place' => 0,
                'note' => 'Afraid of the forced dryer since the first visit: cool dryer and brush, owner out of view.', 'visits' => 4, 'every' => 5, 'speed' => 1.0, 'load' => 14.0, 'tender' => 3, 'stopped' => true,
                'plan' => ['back ribs_* loin rump shoulder_* chest neck_sides nape: 10/10', 'throat belly: 7F', 'foreleg_* thigh_* hock_*: 13/10', 'skull cheek_*: 13/10', 'muzzle beard fringe: scissor 14', 'ear_outer_* ear_feather_*: scissor 18', 'armpit_*: 10 @forced_by_mat !', 'tail_flag: scissor 26', 'pads_#: toe @hygiene', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Cobnut', 'breed' => 'Low cattle-dog cross', 'owner' => ['Idony Brack', '0555 014 8128'], 'coat' => 'short_double', 'kg' => 13.0, 'born' => 7, 'sex' => 'male_neutered',
                'tail' => ['bob', 'level'], 'ears' => ['prick', 'high'], 'build' => 'low', 'muzzle' => 'medium', 'upkeep' => 'weekly', 'place' => 1,
                'note' => 'Squeals at the grinder: clip and file.', 'visits' => 5, 'every' => 9, 'speed' => 1.0, 'load' => 2.0,
                'plan' => ['back ribs_* loin rump shoulder_* nape chest: card 32', 'breeches_*: scissor 30', 'under_tail_ring: scissor 8 @hygiene', 'pads_#: toe @hygiene', 'toe_outline_#: scissor 6 =clean foot'],
            ],
            [
                'name' => 'Isolde', 'breed' => 'Long-coated sight hound', 'owner' => ['Evander Quill', '0555 014 5590'], 'coat' => 'slow_fine_long', 'kg' => 23.0, 'born' => 4, 'sex' => 'female', 'dewclaws' => 2,
                'tail' => ['curled', 'down'], 'ears' => ['long_drop', 'low'], 'build' => 'leggy', 'muzzle' => 'long', 'upkeep' => 'daily', 'finish' => 'relaxed', 'place' => 0,
                'note' => 'A slip shows for months: scissors only.', 'visits' => 5, 'every' => 6, 'speed' => 1.0, 'load' => 4.0,
                'plan' => ['back loin: leave 12', 'ribs_* shoulder_* chest: leave 50', 'thigh_* foreleg_*: leave 45', 'breeches_*: scissor 50', 'skull: leave 45', 'ear_outer_* ear_feather_*: leave 55', 'tail_flag: leave 30', 'muzzle: leave 4', 'neck_sides nape: leave 25', 'belly: scissor 25', 'pads_#: toe @hygiene', 'under_tail_ring groin: scissor 8 @hygiene', 'toe_outline_#: scissor 10 =natural foot'],
            ],
            [
                'name' => 'Hobnob', 'breed' => 'Curly cross, from a shelter', 'owner' => ['Tamsin Oldacre', '0555 014 1193'], 'coat' => 'curly', 'kg' => 8.0, 'born' => 5, 'estimated' => true, 'sex' => 'male_neutered', 'handling' => 'fidgety', 'health' => ['skin'],
                'tail' => ['plume', 'level'], 'ears' => ['drop', 'low'], 'build' => 'low', 'muzzle' => 'medium', 'upkeep' => 'alternate_days', 'place' => 1,
                'note' => 'Came in felted; brought back over four visits. Praise quietly, hands slow.', 'visits' => 4, 'every' => 5, 'speed' => 1.02, 'load' => 16.0, 'tender' => 2,
                'plan' => ['back ribs_* loin rump shoulder_* chest neck_sides nape throat: 10/10 @repair', 'belly: 10', 'foreleg_* thigh_* hock_*: 13/10', 'skull cheek_* muzzle beard fringe: scissor 16', 'ear_outer_*: 7F', 'ear_feather_*: scissor 12', 'armpit_*: 10 @forced_by_mat !', 'inner_thigh_*: 10 @forced_by_mat !', 'tail_flag: scissor 20', 'pads_#: toe @hygiene', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Wick', 'breed' => 'Low rough terrier', 'owner' => ['Bertrand Sallow', '0555 014 2280'], 'coat' => 'wire', 'kg' => 7.0, 'born' => 12, 'stage' => 'senior', 'sex' => 'female_neutered', 'health' => ['joints', 'seizures', 'age'], 'handling' => 'painful',
                'tail' => ['long', 'level'], 'ears' => ['short_drop', 'level'], 'build' => 'low', 'muzzle' => 'medium', 'upkeep' => 'weekly', 'place' => 0, 'floor' => true,
                'note' => 'Clipped for comfort since the hips got worse; colour fades and she does not mind.', 'visits' => 5, 'every' => 7, 'speed' => 0.9, 'load' => 3.0,
                'plan' => ['back ribs_* loin rump shoulder_* nape neck_sides: 5F @comfort', 'chest throat: 7F', 'belly: 10', 'foreleg_* thigh_* hock_*: 13/10', 'skull cheek_*: 5F', 'beard muzzle brow: scissor 22 =beard kept', 'ear_outer_*: 10', 'tail_flag: 5F', 'pads_#: toe @hygiene =pads flush', 'groin under_tail_ring: 10 @hygiene'],
            ],
            [
                'name' => 'Sedge', 'breed' => 'Northern sledge cross', 'owner' => ['Goda Fellrunner', '0555 014 9036'], 'coat' => 'long_double', 'kg' => 24.0, 'born' => 2, 'sex' => 'female',
                'tail' => ['curled', 'up'], 'ears' => ['prick', 'high'], 'build' => 'square', 'muzzle' => 'medium', 'upkeep' => 'weekly', 'place' => 2, 'finish' => 'relaxed', 'ground' => 'soft',
                'note' => 'Sings to the dryer. Never shaved: agreed with the owner.', 'visits' => 3, 'every' => 20, 'speed' => 1.05, 'load' => 5.0,
                'plan' => ['back ribs_* loin rump shoulder_* nape neck_sides chest: card 50', 'breeches_*: scissor 50', 'belly: leave 40', 'tail_flag: card 65', 'pads_#: toe @hygiene', 'toe_outline_#: scissor 8 =natural foot', 'under_tail_ring: scissor 10 @hygiene'],
            ],
        ];
    }
}
