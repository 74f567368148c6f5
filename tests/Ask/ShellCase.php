<?php

/** Questions with their answers, good and bad. */

declare(strict_types=1);

namespace KeenThistle\Tests\Ask;

use KeenThistle\Ask\Shell;
use PHPUnit\Framework\TestCase;

abstract class ShellCase extends TestCase
{
    /**
     * @param list<string> $arguments
     *
     * @return array{int, string}
     */
    protected static function ask(array $arguments, string $input = ''): array
    {
        $in = fopen('php://memory', 'r+');
        $out = fopen('php://memory', 'r+');
        \assert(false !== $in && false !== $out);
        fwrite($in, $input);
        rewind($in);
        $code = (new Shell(Shell::allQuestions(), $in, $out))->run($arguments);
        rewind($out);

        return [$code, (string) stream_get_contents($out)];
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function examples(): iterable
    {
        yield 'length' => [
            'length',
            '{"tool":{"kind":"blade","label":"7F"},"lay":"against"}',
            ['finished_mm' => 1.6, 'inch' => '1/16'],
        ];
        yield 'kit-match' => [
            'kit-match',
            '{"target_mm":17,"tools":[{"kind":"guard","mm":16},{"kind":"blade","label":"10"},'.
            '{"kind":"blade","label":"30"},{"kind":"blade","label":"4F"}],"lays":["with"]}',
            [],
        ];
        yield 'growth' => [
            'growth',
            '{"coat":"curly","observations":[{"finished_mm":16,"arrival_mm":34,"weeks":6}]}',
            ['mm_per_week' => 2.98, 'sd' => 0.3, 'n' => 1],
        ];
        yield 'interval' => [
            'interval',
            '{"coat":"curly","stage":"adult","upkeep":"weekly","finish":"neat",'.
            '"zones":[{"zone":"back","finished_mm":17}],"history":[]}',
            ['full_weeks' => 4, 'binding' => 'shape', 'tidy_weeks' => null],
        ];
        yield 'year' => [
            'year',
            '{"weeks":52,"full_max":6,"hygiene_max":4,"nails_max":4,"closed":[],'.
            '"costs":{"full":10,"tidy":4,"nails":1.5}}',
            ['cost' => 112.0],
        ];
        yield 'year, impossible' => [
            'year',
            '{"weeks":9,"full_max":6,"hygiene_max":4,"nails_max":null,"closed":[3,4,5,6,7]}',
            ['impossible' => true, 'visits' => []],
        ];
        yield 'day' => [
            'day',
            '{"date":"2026-11-25","jobs":[{"id":"tansy","arrives":"09:00","promised":"10:00","phases":['.
            '{"phase":"bath","minutes":20,"station":"tub"},'.
            '{"phase":"dry","minutes":25,"station":"pen","person":false}]}],'.
            '"people":[{"id":"tove","from":"09:00","to":"17:00"}],"stations":{"tub":1,"pen":1}}',
            ['cost' => 0.5, 'bound' => 0.5, 'proven' => true, 'late_minutes' => 0.0, 'unfit' => []],
        ];
        yield 'day, with nobody there' => [
            'day',
            '{"date":"2026-11-25","jobs":[{"id":"a","arrives":"09:00","promised":"10:00","phases":'.
            '[{"phase":"nails","minutes":15}]}],"people":[],"stations":{},'.
            '"later":[{"in_days":1,"people":[]},{"in_days":3,"people":[{"id":"b","from":"08:00","to":"12:00"}]}]}',
            [
                'plan' => [],
                'unfit' => [
                    [
                        'jobs' => ['a'],
                        'why' => 'nobody who is there may do this: nails, for a',
                        'in_days' => 3,
                        'date' => '2026-11-28',
                    ],
                ],
            ],
        ];
        yield 'book-ahead' => [
            'book-ahead',
            '{"every_weeks":4,"fill":[0.5,0.5,0.5,0.5,0.2,0.2,0.2,0.2],"usual":[1,1,1,1,0.2,0.2,0.2,0.2]}',
            ['hold' => 2],
        ];
        yield 'company' => [
            'company',
            '{"dogs":[{"id":"a","from":540,"to":600,"apart":["b"]},{"id":"b","from":605,"to":700,"quiet":true}],'.
            '"loud":{"from":690,"to":720}}',
            [
                'apart' => [
                    ['dogs' => ['a', 'b'], 'why' => 'a and b must not meet'],
                    ['dogs' => ['b'], 'why' => 'b bears noise badly, and that is the loud hour'],
                ],
            ],
        ];
        yield 'keepable' => [
            'keepable',
            '{"coat":"curly","stage":"adult","upkeep":"weekly","weeks":8}',
            ['longest_mm' => 5],
        ];
        yield 'read-cut' => [
            'read-cut',
            '{"coat":"curly","weeks":5,"zones":[{"zone":"back","found_mm":31.5}],'.
            '"tools":[{"kind":"blade","label":"10"}]}',
            ['guessed' => true, 'weeks' => 5.0],
        ];
        yield 'smallest-kit' => [
            'smallest-kit',
            '{"tools":[{"kind":"guard","mm":16},{"kind":"blade","label":"10"},{"kind":"blade","label":"30"}],'.
            '"targets":[{"zone":"back","target_mm":17,"dog":"a"},{"zone":"belly","target_mm":1.5,"dog":"b"}]}',
            ['size' => 2, 'unreachable' => [], 'best_addition' => null],
        ];
        yield 'stretch' => [
            'stretch',
            '{"budget_minutes":25,"interval":{"coat":"curly","zones":[{"zone":"back","finished_mm":17}]},'.
            '"zone_minutes":[{"zone":"back","minutes":9}]}',
            ['zones' => ['back'], 'minutes' => 9.0, 'weeks_before' => 4.4, 'weeks_after' => 5.4],
        ];
        yield 'converge' => [
            'converge',
            '{"coat":"hairless","patch_mm":1,"style_mm":1,"every_weeks":6,"today":"2026-11-28"}',
            [],
        ];
        yield 'bias' => ['bias', '{"coat":"curly","observations":[]}', ['biases' => []]];
        yield 'blend' => [
            'blend',
            '{"from":{"zone":"back","finished_mm":3},"to":{"zone":"ribs_left","finished_mm":9}}',
            ['blend' => 'shears', 'step_mm' => 6.0, 'width_mm' => 12.0],
        ];
        yield 'matting' => [
            'matting',
            '{"kg":10,"handling":"calm","zones":[{"zone":"armpit_left","severity":3,"spread":0.6,"clearance":false}]}',
            ['load' => 0.3, 'minutes' => 1.1, 'even_out' => null],
        ];
        yield 'minutes' => ['minutes', '{"kg":10,"coat":"curly"}', ['minutes_50' => 110.0, 'slot_minutes' => 130]];
        yield 'handling' => [
            'handling',
            '{"tool":"clipper","today":"2026-11-25","tolerance":2,"confidence":2}',
            ['decision' => 'unknown', 'next_rung' => 'sees_it', 'minutes' => 0.5],
        ];
        yield 'order' => [
            'order',
            '{"coat":"curly","zones":[{"zone":"back","tool":"16 over 10","guard":true}]}',
            ['moved' => []],
        ];
        yield 'heat' => [
            'heat',
            '{"blade":"10","now_s":130,"clipping":[{"from_s":0,"to_s":130}]}',
            ['level' => 'check', 'check_every_s' => 120],
        ];
        yield 'nails' => [
            'nails',
            '{"today":"2026-11-25","claws":[{"foot":"front_left","claw":1,"state":"fine"}]}',
            ['next_on' => '2026-12-30', 'often_and_little' => null],
        ];
        yield 'level-ears' => [
            'level-ears',
            '{"left_higher_mm":12,"left_leather_mm":90,"right_leather_mm":90}',
            ['left_hair_mm' => 22.0, 'right_hair_mm' => 10.0],
        ];
        yield 'balance' => ['balance', '{"ear_to_nose":1.0}', ['suggestions' => [], 'silent' => null]];
        yield 'neckwear' => ['neckwear', '{"neck_mm":320,"kg":11}', ['finished_mm' => 350.0, 'fabric_mm' => 720.0]];
        yield 'breed' => [
            'breed',
            '{"breed":"low cattle dog"}',
            ['words' => ['low', 'cattle'], 'why' => 'usual for low, cattle: look at the dog'],
        ];
        yield 'mix' => [
            'mix',
            '{"kg":25,"coat":"long_double","passes":2,"ratio":10}',
            ['mixed_l' => 2.07, 'concentrate_ml' => 188.4, 'water_ml' => 1884.0],
        ];
        yield 'wear' => [
            'wear',
            '{"today":"2026-11-25","events":[{"kind":"run","on":"2026-11-25","minutes":10,"dirt":"dirty"}]}',
            ['worn_min' => 20.0, 'oil_in_min' => 0.0, 'disinfect_due' => true, 'sharpen_in_min' => 580.0],
        ];
        yield 'shorthand' => [
            'shorthand',
            '{"line":"ribs back: 16/10; throat: 7F >breastbone_dip"}',
            ['line' => 'throat: 7F >breastbone_dip; back ribs: 16/10', 'confirm' => []],
        ];
        yield 'measure' => [
            'measure',
            '{"tool":{"kind":"blade","label":"7F"},"readings_mm":[3.1,3.2,3.3,3.2,3.2]}',
            ['mean_mm' => 3.2, 'spread_mm' => 0.2, 'questions' => []],
        ];
        yield 'pattern' => ['pattern', '{"coat":"long_double","pattern":"back: 10","plan":""}', ['faults' => []]];
        yield 'outlook' => [
            'outlook',
            '{"coat":"curly","zones":[{"zone":"back","finished_mm":17}],"weeks":1}',
            ['weeks' => [0.0, 0.5, 1.0], 'load' => [0.0, 0.8, 1.7]],
        ];
        yield 'today' => [
            'today',
            '{"kg":10,"coat":"curly","handling":"calm","plan":[{"zone":"back","tool":'.
            '{"kind":"guard","mm":16,"base":"10"},'.
            '"lay":"with"}],"comb":[{"zone":"armpit_left","severity":3,"spread":1,"clearance":false}],'.
            '"findings":[{"zone":"groin","kind":"sore"}],"agreement":{"choice":"even","zones":["back"],'.
            '"blade":"7F","signed":true},"refused":[{"zone":"muzzle","tool":"clipper","decision":"defer"}],'.
            '"by_hand":[],"last":[]}',
            ['differs' => 3, 'stops' => null, 'waits' => false],
        ];
        yield 'recovery' => [
            'recovery',
            '{"coat":"curly","cut_mm":3.2,"back_to_mm":17}',
            ['weeks' => 4.8, 'level' => 'none'],
        ];
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badInput(): iterable
    {
        yield 'not JSON' => ['length', '{', 'input'];
        yield 'empty' => ['length', '', 'input'];
        yield 'a list' => ['length', '[]', 'input'];
        yield 'missing' => ['length', '{}', 'tool'];
        yield 'unknown field' => ['length', '{"tool":{"kind":"blade","label":"10"},"blade":1}', 'blade'];
        yield 'unknown blade' => ['length', '{"tool":{"kind":"blade","label":"11"}}', 'tool.label'];
        yield 'number for text' => ['length', '{"tool":{"kind":"blade","label":10}}', 'tool.label'];
        yield 'illegal base' => ['length', '{"tool":{"kind":"guard","mm":16,"base":"5F"}}', 'tool.base'];
        yield 'no base' => ['length', '{"tool":{"kind":"guard","mm":16}}', 'tool.base'];
        yield 'zero guard' => ['length', '{"tool":{"kind":"guard","mm":0,"base":"10"}}', 'tool.mm'];
        yield 'huge guard' => ['length', '{"tool":{"kind":"guard","mm":10000,"base":"10"}}', 'tool.mm'];
        yield 'infinite' => ['length', '{"tool":{"kind":"guard","mm":1e999,"base":"10"}}', 'tool.mm'];
        yield 'mm on a blade' => ['length', '{"tool":{"kind":"blade","label":"10","mm":3}}', 'tool.mm'];
        yield 'entered for a blade' => [
            'length',
            '{"tool":{"kind":"blade","label":"10"},"entered_mm":3}',
            'entered_mm',
        ];
        yield 'lay' => ['length', '{"tool":{"kind":"blade","label":"10"},"lay":"sideways"}', 'lay'];
        yield 'no target' => ['kit-match', '{"tools":[]}', 'target_mm'];
        yield 'two targets' => [
            'kit-match',
            '{"tools":[],"target_mm":3,"recipe":{"tool":{"kind":"blade","label":"10"}}}',
            'target_mm',
        ];
        yield 'strangers' => [
            'blend',
            '{"from":{"zone":"back","finished_mm":3},"to":{"zone":"beard","finished_mm":9}}',
            'to.zone',
        ];
        yield 'negative weeks' => [
            'growth',
            '{"coat":"curly","observations":[{"finished_mm":16,"arrival_mm":34,"weeks":-6}]}',
            'observations[0].weeks',
        ];
        yield 'no weeks' => [
            'growth',
            '{"coat":"curly","observations":[{"finished_mm":16,"arrival_mm":34,"weeks":0}]}',
            'observations[0].weeks',
        ];
        yield 'half a projection' => ['growth', '{"coat":"curly","weeks":4}', 'finished_mm'];
        yield 'coat' => ['recovery', '{"coat":"curley","cut_mm":3,"back_to_mm":9}', 'coat'];
        yield 'no zones' => ['interval', '{"coat":"curly","zones":[]}', 'zones'];
        yield 'zone' => ['interval', '{"coat":"curly","zones":[{"zone":"wing","finished_mm":3}]}', 'zones[0].zone'];
        yield 'month' => ['interval', '{"coat":"curly","month":13,"zones":[{"zone":"back","finished_mm":3}]}', 'month'];
        yield 'kg' => ['interval', '{"coat":"curly","kg":9000,"zones":[{"zone":"back","finished_mm":3}]}', 'kg'];
        yield 'severity' => ['matting', '{"kg":10,"zones":[{"zone":"back","severity":5}]}', 'zones[0].severity'];
        yield 'half a severity' => [
            'matting',
            '{"kg":10,"zones":[{"zone":"back","severity":2.5}]}',
            'zones[0].severity',
        ];
        yield 'spread' => [
            'matting',
            '{"kg":10,"zones":[{"zone":"back","severity":2,"spread":60}]}',
            'zones[0].spread',
        ];
        yield 'no reading' => ['measure', '{"tool":{"kind":"blade","label":"7F"},"readings_mm":[]}', 'readings_mm'];
        yield 'a reading of nothing' => [
            'measure',
            '{"tool":{"kind":"blade","label":"7F"},"readings_mm":[3,0]}',
            'readings_mm[1]',
        ];
        yield 'a reading in micrometres' => [
            'measure',
            '{"tool":{"kind":"blade","label":"7F"},"readings_mm":[3200]}',
            'readings_mm[0]',
        ];
        yield 'outlook too far' => [
            'outlook',
            '{"coat":"curly","weeks":60,"zones":[{"zone":"back","finished_mm":3}]}',
            'weeks',
        ];
        yield 'a zone twice' => [
            'matting',
            '{"kg":10,"zones":[{"zone":"back","severity":2},{"zone":"back","severity":1}]}',
            'zones[1].zone',
        ];
        yield 'combing felt' => [
            'matting',
            '{"kg":10,"zones":[{"zone":"back","severity":4,"overrule":"comb"}]}',
            'zones[0].overrule',
        ];
        yield 'leaving knots' => [
            'matting',
            '{"kg":10,"zones":[{"zone":"back","severity":2,"overrule":"none"}]}',
            'zones[0].overrule',
        ];
        yield 'no weight' => ['matting', '{"zones":[]}', 'kg'];
        yield 'kind' => ['minutes', '{"kg":10,"coat":"curly","kind":"groom"}', 'kind'];
        yield 'negative matting' => ['minutes', '{"kg":10,"coat":"curly","matting_minutes":-1}', 'matting_minutes'];
        yield 'a visit of no time' => [
            'minutes',
            '{"kg":10,"coat":"curly","visits":[{"estimate":0,"actual":60}]}',
            'visits[0].estimate',
        ];
        yield 'a nameless fee' => [
            'minutes',
            '{"kg":10,"coat":"curly","fees":[{"label":"","minor":100}]}',
            'fees[0].label',
        ];
        yield 'tolerance' => [
            'handling',
            '{"tool":"clipper","today":"2026-11-25","tolerance":6,"confidence":2}',
            'tolerance',
        ];
        yield 'rung' => [
            'handling',
            '{"tool":"clipper","today":"2026-11-25","tolerance":3,"confidence":2,'.
            '"log":[{"date":"2026-01-01","rung":"top","calm":true}]}',
            'log[0].rung',
        ];
        yield 'a school against a must' => [
            'order',
            '{"coat":"curly","zones":[{"zone":"pads_front_left","tool":"toe"}],"schools":{"pads":"after_dry"}}',
            'schools.nails_when',
        ];
        yield 'a card against a must' => [
            'order',
            '{"coat":"curly","zones":[{"zone":"rump","tool":"shears"}],'.
            '"exceptions":[{"before":"rear","after":"bath","why":"x"}]}',
            'exceptions[0]',
        ];
        yield 'a step before itself' => [
            'order',
            '{"coat":"curly","zones":[],"exceptions":[{"before":"nails","after":"nails"}]}',
            'exceptions[0]',
        ];
        $day = static fn (string $jobs, string $people): string => \sprintf(
            '{"jobs":[%s],"people":[%s],"stations":{"table":1}}',
            $jobs,
            $people,
        );
        $dog = '{"id":"a","arrives":"09:00","promised":"10:00","phases":[{"phase":"nails","minutes":15}]}';
        yield 'promised before it arrives' => [
            'day',
            $day('{"id":"a","arrives":"09:00","promised":"08:00","phases":[{"phase":"nails","minutes":15}]}', ''),
            'jobs[0].promised',
        ];
        yield 'a shift that ends before it begins' => [
            'day',
            $day('', '{"id":"b","from":"17:00","to":"09:00"}'),
            'people[0].to',
        ];
        yield 'a day of 26 hours' => ['day', $day('', '{"id":"b","from":"09:00","to":"26:00"}'), 'people[0].to'];
        yield 'a dog twice' => ['day', $day("$dog,$dog", ''), 'jobs[1].id'];
        yield 'a break at night' => [
            'day',
            $day('', '{"id":"b","from":"09:00","to":"17:00","breaks":[{"from":"20:00","to":"21:00"}]}'),
            'people[0].breaks[0].from',
        ];
        yield 'gone before it came' => ['company', '{"dogs":[{"id":"a","from":600,"to":540}]}', 'dogs[0].to'];
        yield 'more than full' => ['book-ahead', '{"every_weeks":4,"fill":[1.5]}', 'fill[0]'];
        yield 'a base without a guard' => [
            'shorthand',
            '{"zones":[{"zone":"back","method":"clip","blade":"10","guard_mm":3}]}',
            'zones[0].guard_mm',
        ];
        yield 'felt before now' => ['heat', '{"blade":"10","now_s":5,"checked_s":9}', 'checked_s'];
        yield 'a tool that will run' => [
            'wear',
            '{"today":"2026-11-25","events":[{"kind":"oiled","on":"2026-11-26"}]}',
            'events[0].on',
        ];
        yield 'a zone left twice' => [
            'interval',
            '{"coat":"curly","zones":[{"zone":"back","finished_mm":9},{"zone":"back","finished_mm":3}]}',
            'zones[1].zone',
        ];
        yield 'a claw twice' => [
            'nails',
            '{"today":"2026-11-25","claws":[{"foot":"front_left","claw":1},{"foot":"front_left","claw":1}]}',
            'claws[1].claw',
        ];
        yield 'two rates' => [
            'minutes',
            '{"kg":9,"coat":"wire","rate_minor":60,"rate_minor_per_hour":3600}',
            'rate_minor_per_hour',
        ];
        yield 'below nothing' => [
            'minutes',
            '{"kg":9,"coat":"wire","rate_minor":1,"fees":[{"label":"gift","minor":-9000}]}',
            'fees',
        ];
        yield 'an even length without a blade' => [
            'today',
            '{"kg":9,"coat":"wire","agreement":{"choice":"even","zones":["back"]}}',
            'agreement.blade',
        ];
        yield 'a sore nowhere' => ['today', '{"kg":9,"coat":"wire","findings":[{"kind":"sore"}]}', 'findings[0].zone'];
        yield 'an unknown school' => [
            'order',
            '{"coat":"curly","zones":[],"schools":{"pads":"never"}}',
            'schools.pads',
        ];
        yield 'backwards' => [
            'heat',
            '{"blade":"10","now_s":1,"clipping":[{"from_s":9,"to_s":3}]}',
            'clipping[0].to_s',
        ];
        yield 'boiling' => ['heat', '{"blade":"10","now_s":1,"celsius":900}', 'celsius'];
        yield 'a seventh claw' => [
            'nails',
            '{"today":"2026-11-25","claws":[{"foot":"front_left","claw":7,"state":"fine"}]}',
            'claws[0].claw',
        ];
        yield 'no leather' => [
            'level-ears',
            '{"left_higher_mm":0,"left_leather_mm":0,"right_leather_mm":90}',
            'left_leather_mm',
        ];
        yield 'a ratio' => ['balance', '{"ear_to_nose":0}', 'ear_to_nose'];
        yield 'a neck in cm' => ['neckwear', '{"neck_mm":32,"kg":11}', 'neck_mm'];
        yield 'old day' => [
            'interval',
            '{"coat":"curly","from":"1900-01-01","zones":[{"zone":"back","finished_mm":3}]}',
            'from',
        ];
    }
}
