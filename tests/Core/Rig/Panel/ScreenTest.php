<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Panel;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Screen;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The screen that a panel will be on. */
final class ScreenTest extends TestCase
{
    public function test_dots_are_160_an_inch_and_a_drawing_has_its_shape(): void
    {
        $phone = Screen::of('390x844');
        $this->assertEqualsWithDelta([61.9, 134.0], [$phone?->width, $phone?->height], 0.05);
        $this->assertSame([453, 980], $phone?->units());
        $this->assertSame([980, 453], Screen::of('844x390')?->units());
        $this->assertSame([75.0, 150.0], [Screen::of('75x150mm')?->width, Screen::of('75x150mm')?->height]);
    }

    public function test_a_cell_is_as_small_as_its_smaller_side(): void
    {
        $page = fn (int $columns, int $rows): PanelPage => PanelPage::read(
            Node::of(['name' => 'One', 'columns' => $columns, 'rows' => $rows]),
        );
        $screen = Screen::of('64x128mm');
        $this->assertSame(
            [16.0, 8.0, 16.0],
            [$screen?->cellOf($page(4, 8)), $screen?->cellOf($page(8, 8)), $screen?->cellOf($page(2, 8))],
        );
    }

    #[TestWith([''])]
    #[TestWith(['390'])]
    #[TestWith(['390x'])]
    #[TestWith(['-390x844'])]
    #[TestWith(['390x844cm'])]
    #[TestWith(['10x2000'])]
    #[TestWith(['5000x5000'])]
    #[TestWith(['20x30mm'])]
    #[TestWith(['999999x844'])]
    public function test_what_is_no_screen_is_none(string $size): void
    {
        $this->assertNull(Screen::of($size));
    }
}
