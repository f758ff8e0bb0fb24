<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Format\FreeName;
use PHPUnit\Framework\TestCase;

final class FreeNameTest extends TestCase
{
    public function test_a_name_is_taken_as_it_is_if_nothing_has_it_else_numbered(): void
    {
        $this->assertSame('Stop', FreeName::of('Stop', ['Cruise']));
        $this->assertSame('Stop 3', FreeName::of('Stop', ['a' => 'STOP', 'b' => 'stop 2']));
        $this->assertSame(50, mb_strlen(FreeName::of(str_repeat('é', 80), [])));
        $this->assertSame(
            ['Layer 3', 'Layer 4'],
            [FreeName::numbered('Layer', ['Base', 'On water'], 3), FreeName::numbered('Layer', ['Base', 'layer 3'], 3)],
        );
    }
}
