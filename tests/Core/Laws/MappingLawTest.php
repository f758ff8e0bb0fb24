<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Device\Rig;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Program\Compiler;
use Nailrod\Core\Run\Machine;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is stored in a device works as the set does, but for what only Nailrod itself can write. */
#[Group('laws')]
final class MappingLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    public function test_a_device_by_itself_sends_what_the_set_sends(): void
    {
        $compared = $left = 0;
        for ($seed = 1; $seed <= self::RUNS * self::worlds(); $seed++) {
            $world = new World($seed, isSimple: $seed % 4 !== 0);
            $device = $world->set->rig->devices['d'];
            $mapping = DeviceMapping::of($world->set, $device);
            $stored = DeviceMapping::decode($mapping->encode());
            $this->assertSame($mapping->encode(), json_encode(json_decode(DeviceMapping::read($mapping->encode(), $device)->toJson()), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION), 'what is stored, read by itself, would be stored the same, seed '.$seed);
            $program = Compiler::compile(BindingSet::of(MergedDocument::of([$stored]), new Rig([$device]), null));
            $alone = Machine::start($program);
            $whole = Machine::start($world->program);
            $expected = self::rows([...$whole->feed($world->inputs), ...$whole->finish()]);
            $actual = self::rows([...$alone->feed($world->inputs), ...$alone->finish()]);
            // What is set aside is played by nobody.
            if (preg_grep('/: it is set aside$/', $mapping->leftOut, PREG_GREP_INVERT) === []) {
                $this->assertSame($expected, $actual, 'seed '.$seed);
                $compared += count($expected);
            } else {
                $left++;
                $this->assertSame([], preg_grep('/ (variable|mouse) /', $actual), 'seed '.$seed);
            }
        }
        $this->assertTried(self::worlds(), $compared);
        $this->assertTried(self::worlds(), $left);
    }

    /**
     * @param list<OutputEvent> $events
     *
     * @return list<string>
     */
    private static function rows(array $events): array
    {
        return array_map(fn (OutputEvent $e) => implode(' ', [$e->t, $e->kind, $e->target, $e->value]), $events);
    }
}
