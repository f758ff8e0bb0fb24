<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\NotedDevice;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\SetDocument;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A random rig, a random set on it and a random run, all from one seed. */
final class World
{
    public const AXES = 3;
    public const BUTTONS = 5;
    private const ONCE = [
        'mouse wheel', 'mouse step', 'go to layer', 'step layer', 'step variable', 'swap variable', 'start macro',
        'stop macro', 'record macro', 'play recorded', 'let go of everything',
    ];

    public readonly Program $program;

    public readonly BindingSet $set;

    /** @var list<Input> */
    public array $inputs;

    private readonly Randomizer $dice;

    /** @var array<string, mixed> */
    private array $device;

    /** @var array<string, mixed> */
    private array $document;

    private ?Program $renamed = null;

    private ?BindingSet $editedSet = null;

    private ?Program $edited = null;

    /** @var array<int, bool> by axis, from 1 on */
    private array $centred = [];

    private int $used = 0;

    /** Of the encoder; 0 if it has none. */
    private int $places = 0;

    /** @var list<string> ids */
    private array $macros = [];

    /** @var array<string, string> kind of what is made, by id */
    private array $makes = [];

    /**
     * @param bool $shared      may several sources drive one output?
     * @param bool $onlyPresses nothing is held by what is made from contacts or axes, and nothing is latched
     * @param bool $isSimple    nothing is done as another contact does, or otherwise, nothing
     *                          depends on several things, no chord waits or is of two devices
     */
    public function __construct(
        int $seed,
        private readonly bool $shared = true,
        private readonly bool $onlyPresses = false,
        private readonly bool $isSimple = false,
    ) {
        $this->dice = new Randomizer(new Mt19937($seed));
        $this->device = $this->device();
        $this->document = $this->document();
        $this->set = $this->assembled($this->document);
        $this->program = Compiler::compile($this->set);
        $this->inputs = $this->run();
    }

    /** The program after an edit that has nothing to do with what is assigned. */
    public function renamed(): Program
    {
        return $this->renamed ??= Compiler::compile($this->assembled(array_replace(
            $this->document,
            ['flags' => ['f1' => ['name' => 'Renamed'], 'f2' => ['name' => 'F2'], 'f3' => ['name' => 'F3']]],
        )));
    }

    /** The program of quite another set on the same rig. */
    public function edited(): Program
    {
        return $this->edited ??= Compiler::compile($this->editedSet());
    }

    public function editedSet(): BindingSet
    {
        return $this->editedSet ??= $this->assembled($this->document());
    }

    /**
     * A set below this one that says some cells otherwise, some as others do, and may take a layer away; null if it
     * cannot be.
     */
    public function chained(): ?BindingSet
    {
        $below = ['format' => 'nailrod-set', 'version' => 1, 'id' => 'below', 'name' => 'Below', 'cells' => []];
        $layers = ['base', ...array_keys($this->document['layers'] ?? [])];
        foreach ($layers as $layer) {
            foreach (
                array_filter($this->document['cells'][$layer] ?? [], fn (): bool => $this->chance(40)) as $ref => $cell
            ) {
                $thirds = array_keys(
                    array_filter($this->document['cells'][$layer], fn (array $other): bool => isset($other['as'])),
                );
                $others = $thirds !== [] && $this->chance(60) ? $thirds : array_keys($this->set->rig->contacts);
                $as = array_values(array_diff(
                    array_filter($others, fn (string $other): bool => str_starts_with($other, 'd/')),
                    [$ref],
                ));
                $below['cells'][$layer][$ref] = str_starts_with($ref, 'd/a')
                    || $as === []
                    || $this->chance(30)
                    ? ['nothing' => true]
                    : [
                    'as' => $as[$this->between(0, count($as) - 1)],
                ];
            }
        }
        if (count($layers) > 1 && $this->chance(40)) {
            $gone = $layers[$this->between(1, count($layers) - 1)];
            $below['layers'] = [$gone => null];
            // What leads to it goes with it, as an edit would see to.
            foreach ($this->document['cells'] as $layer => $cells) {
                $leading = array_filter(
                    $cells,
                    fn (array $cell): bool => str_contains(Json::encode($cell), '"layer": "'.$gone.'"'),
                );
                $below['cells'][$layer] = array_map(
                    fn (): array => ['nothing' => true],
                    $leading,
                ) + ($below['cells'][$layer] ?? []);
            }
            foreach ($this->document['chords'] ?? [] as $layer => $chords) {
                $below['chords'][$layer] = array_map(
                    fn (): ?array => null,
                    array_filter(
                        $chords,
                        fn (array $chord): bool => str_contains(Json::encode($chord), '"layer": "'.$gone.'"'),
                    ),
                );
            }
            $below['chords'] = array_filter($below['chords'] ?? []);
            unset($below['cells'][$gone], $below['chords'][$gone]);
        }
        $below['cells'] = array_filter($below['cells']);
        try {
            return $this->assembled($this->document, array_filter($below));
        } catch (FormatError) {
            return null;
        }
    }

    /** The same as one set. */
    public function flattened(BindingSet $chain): BindingSet
    {
        return $this->assembled((array) Json::decode($chain->merged->flattened()->toJson()));
    }

    /** @param array<string, mixed> ...$chain documents, the parent first */
    private function assembled(array ...$chain): BindingSet
    {
        $document = $chain[0];
        $sets = array_values(array_map(fn (array $one): SetDocument => SetDocument::read(Node::of($one)), $chain));
        $missing = $notes = [];
        foreach ($document['controls']['d'] ?? [] as $id => $note) {
            $notes[$id] = ControlNote::read(Node::of($note));
        }
        $device = NotedDevice::of(DeviceReader::read(Node::of($this->device)), $notes, $missing);

        $other = DeviceReader::read(Node::of([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'x', 'name' => 'X', 'kind' => 'wheel',
            'face' => ['width' => 100, 'height' => 100],
            'controls' => [
                ['id' => 'b', 'name' => 'Other', 'kind' => 'button', 'at' => [1, 1], 'contacts' => [['number' => 1]]],
                [
                    'id' => 'l', 'name' => 'Lever', 'kind' => 'lever', 'at' => [2, 1],
                    'axes' => [['number' => 1, 'min' => 0, 'max' => 100]],
                ],
            ],
        ]));

        return BindingSet::of(
            MergedDocument::of($sets),
            new Rig([$device, $other]),
            null,
            [],
            ['us' => KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../layouts/us.layout.json'))],
        );
    }

    /** Another random run on the same rig and set. */
    public function nextRun(): void
    {
        $this->inputs = $this->run();
    }

    /** @return list<string> a contact, and those that may do as it does, or as the same one does */
    public function alike(string $ref): array
    {
        $as = [];
        foreach ($this->document['cells'] as $cells) {
            foreach ($cells as $one => $cell) {
                if (isset($cell['as'])) {
                    $as[$one][$cell['as']] = true;
                }
            }
        }
        $of = [$ref => true] + ($as[$ref] ?? []);

        return array_keys($of + array_filter($as, fn (array $others) => array_intersect_key($others, $of) !== []));
    }

    public function chance(int $percent): bool
    {
        return $this->dice->getInt(1, 100) <= $percent;
    }

    public function between(int $low, int $high): int
    {
        return $this->dice->getInt($low, $high);
    }

    /** @return array<string, mixed> */
    private function device(): array
    {
        $controls = [];
        for ($i = 1; $i <= self::AXES; $i++) {
            $this->centred[$i] = $this->chance(40);
            $controls[] = ['id' => 'a'.$i, 'name' => 'Axis '.$i, 'kind' => 'lever', 'at' => [1, 1], 'axes' => [
                ['number' => $i, 'min' => 0, 'max' => $this->between(20, 700), 'centred' => $this->centred[$i]],
            ]];
        }
        for ($i = 1; $i <= self::BUTTONS; $i++) {
            $controls[] = ['id' => 'b'.$i, 'name' => 'Switch '.$i, 'kind' => 'two-way', 'at' => [1, 1], 'contacts' => [
                ['id' => 'up', 'number' => $i], ['id' => 'down', 'opposite' => 'up'],
            ]];
        }
        $controls[] = ['id' => 't', 'name' => 'Three-way', 'kind' => 'three-way', 'at' => [1, 1], 'contacts' => [
            ['id' => 'up', 'number' => 21], ['id' => 'down', 'number' => 22], [
                'id' => 'middle', 'none_of' => ['up', 'down'], 'settle_ms' => $this->between(0, 60),
            ],
        ]];
        $controls[] = ['id' => 'h', 'name' => 'Hat', 'kind' => 'hat', 'at' => [1, 1], 'hat' => 1];
        $controls[] = ['id' => 'e', 'name' => 'Encoder', 'kind' => 'encoder', 'at' => [1, 1], 'encoder' => 1];
        $controls[] = [
            'id' => 'g', 'name' => 'Dial', 'kind' => 'dial', 'at' => [1, 1],
            'contacts' => array_map(fn (int $n): array => ['id' => 'p'.$n, 'number' => 30 + $n], [1, 2, 3, 4]),
        ];

        return [
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'throttle',
            'face' => ['width' => 100, 'height' => 100], 'controls' => $controls,
            'settings' => [
                [
                    'id' => 'debounce', 'name' => 'Debounce', 'kind' => 'number', 'unit' => 'ms', 'most' => 40,
                    'usual' => 5,
                ],
            ],
            'lamps' => [
                ['id' => 'lamp', 'at' => [1, 1]], ['id' => 'bar-1', 'at' => [2, 1]], ['id' => 'bar-2', 'at' => [3, 1]],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $this->macros = $this->makes = [];
        $document = [
            'format' => 'nailrod-set', 'version' => 1, 'id' => 'w', 'name' => 'World', 'devices' => ['d', 'x'],
            'layers' => [], 'axes' => [], 'made' => [], 'stops' => [], 'macros' => [], 'chords' => [], 'cells' => [],
            'flags' => ['f1' => ['name' => 'F1'], 'f2' => ['name' => 'F2']], 'controls' => [],
        ];
        $layers = ['base'];
        foreach (array_slice(['one', 'two'], 0, $this->between(0, 2)) as $id) {
            $document['layers'][$id] = ['name' => $id] + ($this->chance(30) ? ['lets_go' => true] : []);
            $layers[] = $id;
        }
        if (! $this->isSimple) {
            $this->places = $this->between(0, 1) * $this->between(2, 4);
            $document['controls']['d'] = ['g' => ['ticks' => true, 'round' => $this->chance(50)]] + (
                $this->places > 0 ? ['e' => ['places' => $this->places, 'round' => $this->chance(50)]] : []
            );
        }
        if (! $this->isSimple && $this->chance(20)) {
            $document['settings']['d']['debounce']['is'] = $this->between(0, 20);
        }
        for ($i = 1; $i <= self::AXES; $i++) {
            $document['axes']['d/a'.$i] = $this->shape();
        }
        for ($i = $this->between(0, 4); $i > 0; $i--) {
            $document['made']['m'.$i] = $this->made();
        }
        $this->makes = array_map(fn (array $made) => (string) $made['kind'], $document['made']);
        foreach ($this->built() as $ref) {
            $document['axes'][$ref] = array_diff_key($this->shape(), ['steady' => 0]);
        }
        for ($i = $this->between(0, 3); $i > 0; $i--) {
            $document['stops']['s'.$i] = $this->stop();
        }
        $stops = array_keys($document['stops']);
        for ($i = $this->between(0, 2); $i > 0; $i--) {
            $document['macros']['p'.$i] = $this->macro($layers, $stops);
        }
        $this->macros = array_keys($document['macros']);
        $document['lamps'] = $this->chance(40) ? $this->lamps($layers, $stops) : [];
        foreach ($layers as $layer) {
            $document['cells'][$layer] = $this->cells($layers, $stops);
            if ($this->shared && $this->chance(30)) {
                $document['chords'][$layer] = $this->chords($layers, $stops);
            }
        }
        if ($this->shared && $this->chance(30)) {
            $document['controls']['d'] = ($document['controls']['d'] ?? []) + [
                'b1' => ['debounce_ms' => $this->between(1, 40)], 't' => ['debounce_ms' => $this->between(1, 30)],
            ];
        }

        return array_filter(
            $document + ['aside' => $this->chance(30) ? $this->aside($document) : []],
            fn (mixed $part) => $part !== [],
        );
    }

    /**
     * Some of what can be is set aside.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, array<string, array<string, string>>>
     */
    private function aside(array $document): array
    {
        $aside = [];
        foreach (['made', 'stops', 'macros', 'lamps'] as $section) {
            foreach (array_keys($document[$section]) as $id) {
                if ($this->chance(25) && ! in_array(
                    $document[$section][$id]['kind'] ?? '',
                    ['shared travel', 'larger', 'smaller', 'difference', 'halves'],
                    true,
                )) {
                    $aside[$section][$id] = ['is' => 'resting'];
                }
            }
        }
        foreach ($document['cells'] as $layer => $cells) {
            foreach (array_keys($cells) as $ref) {
                if ($this->chance(12)) {
                    $aside['cells'][$ref.'/'.$layer] = ['is' => 'resting'];
                }
            }
        }

        return $aside;
    }

    /** @return array<string, mixed> */
    private function shape(): array
    {
        $low = $this->between(0, 40) / 100;

        return (
            $this->chance(30) ? [
                'steady' => ['hold' => $this->between(0, 10) / 100, 'spikes' => $this->chance(60)],
            ] : []
        ) + [
            'dead_zones' => ['low' => $this->between(0, 20) / 100, 'high' => $this->between(0, 20) / 100],
            'curve' => $this->chance(60) ? ['kind' => 'expo', 'k' => $this->between(-100, 100) / 100] : $this->points(),
            'range' => ['low' => $low, 'high' => $this->between(60, 100) / 100],
        ] + ($this->chance(35) ? ['notches' => $this->chance(50)
            ? ['kind' => 'flat', 'at' => [0.42, 0.5, 0.58], 'width' => $this->between(0, 39) / 1000]
            : ['kind' => 'stepped', 'at' => [0.4, 0.45, 0.5, 0.6], 'hysteresis' => $this->between(0, 60) / 1000]] : []);
    }

    /** @return array<string, mixed> a curve through random points */
    public function points(): array
    {
        $x = $y = 0;
        $points = [];
        for ($i = $this->between(2, 6); $i > 0; $i--) {
            $x += $this->between(1, 160);
            $y += $this->chance(25) ? 0 : $this->between(0, 160);
            $points[] = [$x / 1000, $y / 1000];
        }

        return ['kind' => 'points', 'points' => $points];
    }

    /** @return array<string, mixed> */
    private function made(): array
    {
        $of = 'd/a'.$this->between(1, self::AXES);
        $other = 'd/a'.$this->between(1, self::AXES);
        $centred = fn (string $ref): bool => $this->centred[(int) substr($ref, 3)];
        $at = $this->between(30, 60) / 100;
        $hysteresis = $this->between(0, 20) / 100;
        $made = match (true) {
            $of !== $other && $centred($of) && $centred($other) && $this->chance(60) => [
                'kind' => ['four', 'eight'][$this->between(0, 1)].' directions', 'of' => [$of, $other],
                'dead_radius' => $this->between(0, 60) / 100,
            ],
            $of !== $other && $centred($of) === $centred($other) => [
                'kind' => ['shared travel', 'larger', 'smaller', 'difference'][$this->between(0, 3)],
                'of' => [$of, $other],
            ],
            $centred($of) && $this->chance(40) => ['kind' => 'halves', 'of' => [$of]],
            $this->chance(40) => [
                'kind' => 'zones', 'of' => [$of], 'bounds' => [0.3, 0.55, 0.8], 'hysteresis' => $hysteresis / 2,
            ],
            default => [
                'kind' => ['above', 'below'][$this->between(0, 1)], 'of' => [$of], 'at' => $at,
                'hysteresis' => $hysteresis, 'looks_at' => ['travel', 'shaped value'][$this->between(0, 1)],
            ],
        };
        if ($made['kind'] === 'above' && $this->chance(40)) {
            $made = ['kind' => 'between', 'to' => $at + 0.1] + $made;
        }

        return $made + ['name' => 'Made'];
    }

    /** @return list<string> references of the axes that are built */
    private function built(): array
    {
        $built = [];
        foreach ($this->makes as $id => $kind) {
            array_push($built, ...match ($kind) {
                'shared travel', 'larger', 'smaller', 'difference' => ['made/'.$id],
                'halves' => ['made/'.$id.'.low', 'made/'.$id.'.high'],
                default => [],
            });
        }

        return $built;
    }

    /** @return list<string> references of contacts that are made from axes */
    private function madeContacts(): array
    {
        $contacts = [];
        foreach ($this->makes as $id => $kind) {
            array_push($contacts, ...match ($kind) {
                'above', 'below', 'between' => ['made/'.$id, 'made/'.$id.'.not'],
                'zones' => ['made/'.$id.'.1', 'made/'.$id.'.2', 'made/'.$id.'.4'],
                'four directions', 'eight directions' => ['made/'.$id.'.north', 'made/'.$id.'.east'],
                default => [],
            });
        }

        return $contacts;
    }

    /** @return array<string, mixed> */
    private function stop(): array
    {
        $axes = array_values(array_filter(['d/a1', 'd/a2', 'd/a3', ...$this->built()], fn () => $this->chance(50)));
        $above = $this->chance(70);

        return [
            'name' => 'Stop', 'axes' => [
                ...($axes === [] ? ['d/a1'] : $axes),
                ...(! $this->isSimple && $this->chance(20) ? ['x/l'] : []),
            ], 'at' => $above ? $this->between(50, 95) / 100 : $this->between(5, 45) / 100,
            'side' => $above ? 'above' : 'below', 'opens' => [
                'held', 'until drawn back', 'until drawn back', 'flip', 'held shut',
            ][$this->onlyPresses ? 0 : $this->between(0, 4)], 'patience_ms' => $this->between(0, 4) * 50,
        ];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function cells(array $layers, array $stops): array
    {
        $cells = [];
        foreach (['d/a1', 'd/a2', 'd/a3', ...$this->built()] as $i => $axis) {
            if ($this->chance(70)) {
                $cells[$axis] = $this->chance(10) ? ['nothing' => true] : ['outputs' => [$this->axisOutput($i + 1)]]
                    + (
                        $this->chance(30) ? ['leaving' => 'return to rest'] : []
                    ) + ($this->chance(40) ? ['taking' => 'pick up'] : []);
            }
        }
        $contacts = ['d/h.north', 'd/h.east', 'd/h.south', 'd/h.west', 'd/t.up', 'd/t.down', 'd/t.middle'];
        for ($i = 1; $i <= self::BUTTONS; $i++) {
            array_push($contacts, 'd/b'.$i.'.up', 'd/b'.$i.'.down');
        }
        array_push($contacts, ...$this->madeContacts());
        for ($i = 1; $i <= 4 && ! $this->isSimple; $i++) {
            array_push($contacts, 'd/g.p'.$i, ...($i <= $this->places ? ['d/e.place-'.$i] : []));
        }
        if ($this->onlyPresses) {
            $contacts = array_filter(
                $contacts,
                fn (string $contact) => preg_match('#down$|middle$|place|^made#', $contact) !== 1
                    || $contact === 'd/t.down',
            );
        }
        foreach ($contacts as $contact) {
            if ($this->chance(50)) {
                $cells[$contact] = match (true) {
                    $this->chance(10) => ['nothing' => true],
                    ! $this->isSimple && $contact !== 'd/b5.up' && $contact !== 'd/e.plus' && $this->chance(10) => [
                        'as' => $this->chance(85) ? 'd/b5.up' : 'd/e.plus',
                    ],
                    default => $this->assignment($layers, $stops),
                };
            }
        }
        foreach (['d/e.plus', 'd/e.minus', ...($this->isSimple ? [] : ['d/g.tick-plus', 'd/g.tick-minus'])] as $tick) {
            if ($this->chance(50)) {
                $cells[$tick] = $tick === 'd/e.minus'
                    && ! $this->isSimple
                    && $this->chance(20)
                    ? ['as' => 'd/b5.up']
                    : [
                    'behaviour' => $this->chance(70) ? $this->ticks() : [
                        'kind' => ['toggle', 'cycle'][$this->onlyPresses ? 1 : $this->between(0, 1)],
                    ],
                    'outputs' => [
                        ['kind' => 'button', 'number' => $this->shared ? $this->between(1, 6) : ++$this->used],
                        ['kind' => 'button', 'number' => $this->shared ? $this->between(1, 6) : ++$this->used],
                    ],
                ];
            }
        }

        return $cells;
    }

    /** @return array<string, mixed> */
    private function axisOutput(int $own): array
    {
        return match (true) {
            $this->shared && $this->chance(10) => [
                'kind' => 'mouse movement', 'direction' => ['x', 'y'][$this->between(0, 1)],
                'speed' => $this->between(1, 900),
            ],
            $this->shared && $this->chance(15) => [
                'kind' => 'axis variable', 'name' => 'w'.$this->between(1, 2), 'low' => -1, 'high' => 1,
            ],
            default => ['kind' => 'axis', 'number' => $this->shared ? $this->between(1, 3) : $own],
        };
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function assignment(array $layers, array $stops): array
    {
        $when = $this->chance(20) ? ['when' => $this->condition($layers, $stops)] : [];
        if ($when !== [] && ! $this->isSimple && $this->chance(50)) {
            $when['otherwise'] = $this->does($layers, $stops);
        }

        return $this->does($layers, $stops) + $when;
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function does(array $layers, array $stops): array
    {
        if ($this->macros !== [] && $this->chance(10)) {
            return [
                'behaviour' => [
                    'kind' => 'macro', 'macro' => $this->macros[$this->between(0, count($this->macros) - 1)],
                ],
            ];
        }
        $width = $this->between(1, 60);
        $behaviour = match ($this->between(0, 6)) {
            0, 1 => ['kind' => 'follow'],
            2 => ['kind' => $this->onlyPresses ? 'follow' : 'toggle'],
            3 => [
                'kind' => 'repeat', 'width_ms' => $width, 'delay_ms' => $width + $this->between(1, 80),
                'period_ms' => $width + $this->between(1, 80),
                'while' => ['held', 'until pressed again'][$this->onlyPresses ? 0 : $this->between(0, 1)],
            ],
            4 => [
                'kind' => 'cycle', 'width_ms' => $width, 'direction' => ['forward', 'back'][$this->between(0, 1)],
                'idle_ms' => $this->between(0, 1) * 100,
            ],
            5 => [
                'kind' => 'short/long/double', 'width_ms' => $width, 'short' => 0, 'long_ms' => $this->between(5, 60),
                'double_ms' => $this->between(5, 60),
            ] + ($this->chance(50) ? ['long' => 1] : ['double' => 1]),
            default => [
                'kind' => 'pulse', 'on' => ['press', 'release', 'both'][$this->between(0, 2)],
                'width_ms' => $this->between(1, 90),
            ],
        };
        $outputs = [$this->output($layers, $stops)];
        if ($behaviour['kind'] === 'short/long/double' || $this->chance(25)) {
            $outputs[] = $this->output($layers, $stops);
        }
        if ($behaviour['kind'] === 'toggle') {
            $outputs = array_values(
                array_filter($outputs, fn (array $output) => ! in_array($output['kind'], self::ONCE, true)),
            );
        }

        return [
            'behaviour' => $behaviour,
            'outputs' => $outputs === [] ? [
                ['kind' => 'button', 'number' => $this->shared ? 1 : ++$this->used],
            ] : $outputs,
        ];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function output(array $layers, array $stops): array
    {
        $number = $this->shared ? $this->between(1, 6) : ++$this->used;

        return match (true) {
            count($layers) > 1 && $this->chance(30) => [
                'kind' => 'hold layer', 'layer' => $layers[$this->between(1, count($layers) - 1)],
            ],
            $stops !== [] && $this->chance(30) => [
                'kind' => 'open stop', 'stop' => $stops[$this->between(0, count($stops) - 1)],
            ],
            $this->shared && $this->chance(35) => $this->rarer($layers),
            $this->shared && $this->chance(30) => [
                'kind' => 'key', 'code' => 'F'.$number, 'with' => $this->chance(40) ? ['ShiftLeft'] : [],
            ],
            $this->chance(30) => [
                'kind' => 'on/off variable', 'name' => 'v'.$number, 'on' => $this->between(1, 3), 'off' => 0,
            ],
            default => ['kind' => 'button', 'number' => $number],
        };
    }

    /**
     * @param list<string> $layers
     *
     * @return array<string, mixed>
     */
    private function rarer(array $layers): array
    {
        $macro = $this->macros[0] ?? null;

        return match ($this->between(0, $this->isSimple ? 10 : 12)) {
            0 => [
                'kind' => 'hat', 'number' => 1, 'direction' => ['north', 'east', 'south', 'west'][$this->between(0, 3)],
            ],
            1 => ['kind' => 'mouse button', 'button' => 'left'],
            2 => ['kind' => 'mouse wheel', 'by' => 1],
            3 => ['kind' => 'lamp', 'lamp' => 'd/lamp'],
            4, 5 => ['kind' => 'flag', 'flag' => 'f'.$this->between(1, 2)],
            6 => ['kind' => 'go to layer', 'layer' => $layers[$this->between(0, count($layers) - 1)]],
            7 => count($layers) > 1 ? [
                'kind' => 'step layer', 'direction' => ['next', 'previous'][$this->between(0, 1)], 'layers' => $layers,
            ] : ['kind' => 'consumer control', 'usage' => 5],
            8 => [
                'kind' => 'step variable', 'name' => 'v9', 'by' => $this->between(1, 3), 'low' => 0, 'high' => 5,
                'at_limit' => ['stops', 'wraps'][$this->between(0, 1)],
            ],
            9 => $macro === null ? ['kind' => 'swap variable', 'name' => 'v9', 'first' => 1, 'second' => 4] : [
                'kind' => ['start macro', 'stop macro'][$this->between(0, 1)], 'macro' => $macro,
            ],
            11 => $macro === null ? [
                'kind' => 'mouse button', 'button' => 'right',
            ] : ['kind' => 'record macro', 'macro' => $macro],
            12 => ['kind' => 'play recorded'],
            default => $this->chance(30) ? ['kind' => 'let go of everything'] : [
                'kind' => 'mouse step', 'direction' => 'x', 'by' => 3,
            ],
        };
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function lamps(array $layers, array $stops): array
    {
        $rules = [
            'r1' => [
                'lamps' => ['d/bar-1', 'd/bar-2'], 'shows' => 'v9', 'from' => 0, 'to' => $this->between(1, 5),
                'bands' => [['to' => 2, 'colour' => 'green'], ['to' => 9, 'colour' => 'red']],
                'coloured' => ['each', 'whole'][$this->between(0, 1)], 'flash_above' => $this->between(1, 4),
            ],
        ];
        foreach (['r2', 'r3'] as $id) {
            $rules[$id] = ['lamp' => 'd/lamp'] + (
                $this->chance(25) ? ['also' => ['d/bar-2']] : []
            ) + ['while' => match ($this->between(0, 4)) {
                0 => ['layer' => $layers[$this->between(0, count($layers) - 1)]],
                1 => ['flag' => 'f'.$this->between(1, 2), 'is' => ['up', 'down'][$this->between(0, 1)]],
                2 => ['contact' => 'd/b'.$this->between(1, 3)],
                3 => ['always' => true],
                default => $stops === [] ? ['variable' => 'v9', 'from' => 1, 'to' => 3] : [
                    'stop' => $stops[0], 'is' => ['open', 'shut'][$this->between(0, 1)],
                ],
            }, 'brightness' => $this->between(1, 100)] + (
                $this->chance(30) ? ['pattern' => ['slow', 'fast', 'twice'][$this->between(0, 2)]] : []
            );
        }

        return $rules;
    }

    /** @return array<string, mixed> */
    private function ticks(): array
    {
        return [
            'kind' => 'ticks', 'width_ms' => $this->between(1, 30), 'gap_ms' => $this->between(0, 20),
            'most_waiting' => $this->between(0, 6), 'coarse_above' => $this->between(0, 2) * 15,
        ];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function condition(array $layers, array $stops): array
    {
        if (! $this->isSimple && $this->chance(30)) {
            $joined = [];
            for ($i = $this->between(2, 4); $i > 0; $i--) {
                $joined[] = $this->question($layers, $stops);
            }

            return [['all', 'any'][$this->between(0, 1)] => $joined];
        }

        return $this->question($layers, $stops);
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function question(array $layers, array $stops): array
    {
        return match (true) {
            $this->chance(15) => [
                'layer' => $layers[$this->between(0, count($layers) - 1)],
                'is' => ['live', 'not live'][$this->between(0, 1)],
            ],
            $stops !== [] && $this->chance(30) => ['stop' => $stops[0], 'is' => ['open', 'shut'][$this->between(0, 1)]],
            $this->chance(60) => [
                'flag' => 'f'.$this->between(1, 2), 'is' => ['up', 'down', 'down'][$this->between(0, 2)],
            ],
            default => [
                'variable' => 'v'.$this->between(1, 9), 'is' => ['=', '≠', '<', '≥'][$this->between(0, 3)],
                'to' => $this->between(0, 2),
            ],
        };
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function macro(array $layers, array $stops): array
    {
        $steps = [];
        for ($i = $this->between(1, 6); $i > 0; $i--) {
            $output = $this->output($layers, $stops);
            $isHeld = ! in_array($output['kind'], self::ONCE, true);
            $steps[] = match (true) {
                $this->chance(25) => ['do' => 'wait', 'ms' => $this->between(0, 60)],
                $this->shared && $this->chance(10) => [
                    'do' => 'type', 'text' => 'Ab', 'layout' => 'us', 'ms' => $this->between(1, 20),
                ],
                $isHeld && $this->chance(50) => ['do' => 'press', 'output' => $output],
                $isHeld && $steps !== []
                    && isset($steps[0]['output'])
                    && $steps[0]['do'] === 'press'
                    && $this->chance(40) => [
                    'do' => 'release', 'output' => $steps[0]['output'],
                ],
                default => ['do' => 'tap', 'output' => $output, 'ms' => $this->between(1, 40)],
            };
        }
        $steps[] = ['do' => 'wait', 'ms' => $this->between(1, 40)];

        return ($this->chance(20) ? ['when' => ['flag' => 'f1', 'is' => ['up', 'down'][$this->between(0, 1)]]] : []) + [
            'name' => 'Macro', 'steps' => $steps, 'plays' => ['once', 'while held'][$this->between(0, 1)],
            'on_release' => ['finish the round', 'stop'][$this->between(0, 1)],
            'on_second_press' => ['ignore', 'restart', 'stop'][$this->between(0, 2)],
        ];
    }

    /**
     * @param list<string> $layers
     * @param list<string> $stops
     *
     * @return array<string, mixed>
     */
    private function chords(array $layers, array $stops): array
    {
        $chord = fn (string ...$of): array => [
            'name' => 'Chord', 'of' => $of, 'within_ms' => $this->between(1, 70),
            'outputs' => [$this->output($layers, $stops)],
        ]
            + (
                ! $this->isSimple && $this->chance(30) ? ['held_ms' => $this->between(1, 60)] : []
            ) + ($this->chance(20) ? ['when' => $this->condition($layers, $stops)] : []);

        return ['c1' => $chord('d/b1.up', 'd/b2.up')] + (
            $this->chance(50) ? ['c2' => $chord('d/b2.up', 'd/b3.up', 'd/t.down')] : []
        ) + (! $this->isSimple && $this->chance(50) ? ['c3' => $chord('x/b', 'd/b1.up')] : []);
    }

    /** @return list<Input> */
    private function run(): array
    {
        $inputs = [];
        $t = 0;
        for ($i = $this->between(10, 60); $i > 0; $i--) {
            if ($this->chance(8)) {
                array_push($inputs, ...$this->taps($t));
            }
            $inputs[] = $this->input($t);
            $t += match ($this->between(0, 4)) {
                0 => 0,
                1 => $this->between(1, 200) * 1000,
                default => $this->between(1, 30_000),
            };
        }

        return $inputs;
    }

    /**
     * A few quick taps of contacts that may be members of a chord, while another one, which may hold a layer, changes.
     *
     * @return list<Input>
     */
    private function taps(int &$t): array
    {
        $inputs = [];
        for ($i = $this->between(2, 8); $i > 0; $i--) {
            $button = $this->chance(70) ? $this->between(1, 2) : $this->between(3, self::BUTTONS);
            $inputs[] = new Input($t, $this->chance(15) ? 'x/b' : 'd/b'.$button.'.up', $i % 2);
            $t += $this->between(0, 20_000);
        }

        return $inputs;
    }

    private function input(int $t): Input
    {
        if ($this->chance(45)) {
            $axis = $this->between(1, self::AXES);
            $max = $this->set->rig->axes['d/a'.$axis]->max;

            return new Input(
                $t,
                'd/a'.$axis,
                $this->chance(25) ? $this->between(0, 1) * $max : $this->between(0, $max),
            );
        }

        if ($this->chance(8)) {
            return $this->chance(30) ? new Input($t, 'x/l', $this->between(0, 100))
                : new Input($t, 'x/b', $this->between(0, 1));
        }
        if (! $this->isSimple && $this->chance(15)) {
            return new Input($t, 'd/g.p'.$this->between(1, 4), $this->between(0, 1));
        }
        if ($this->chance(12)) {
            return new Input($t, 'd/e', [-2, -1, 1, 1, 3][$this->between(0, 4)]);
        }
        if ($this->chance(20)) {
            return new Input($t, 'd/t.'.['up', 'down'][$this->between(0, 1)], $this->between(0, 1));
        }

        return $this->chance(15)
            ? new Input($t, 'd/h', $this->between(-1, 7))
            : new Input($t, 'd/b'.$this->between(1, self::BUTTONS).'.up', $this->between(0, 1));
    }
}
