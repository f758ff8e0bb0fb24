<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SetRecord;
use App\Models\ShelfRecord;
use App\Sets\SetStore;
use App\Sets\Shelf;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Exchange\Shelf\ShelfFit;
use Nailrod\Core\Exchange\Shelf\ShelfKinds;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\BindingSet;
use Tests\TestCase;

/** The Shelf place: what lies there, what is put there, given away, brought and taken. */
final class ShelfTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $set, string $path, array $fields = []): TestResponse
    {
        return $this->from('/sets/'.$set.'/shelf')->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => SetRecord::query()->findOrFail($set)->head_id],
        );
    }

    private function current(string $set): BindingSet
    {
        return app(SetStore::class)->current(SetRecord::query()->findOrFail($set));
    }

    public function test_what_ships_can_be_read_shown_and_saved_and_most_of_it_fits_somewhere(): void
    {
        $kinds = [];
        foreach (Shelf::shipped() as $id => $item) {
            $kinds[$item->kind::kind()] = true;
            $this->assertNotSame('', $item->about, $item->name);
            $this->get('/sets/skerrywing/shelf?item='.$id)->assertOk()->assertSee($item->name)->assertSee($item->about);
            $saved = $this->get('/sets/skerrywing/shelf/'.$id.'/file')->assertOk();
            $this->assertEquals($item->toArray(), Json::decode((string) $saved->getContent()));
            if ($item->holds === []) {
                $this->assertGreaterThan(
                    0,
                    max(array_map(
                        fn (string $set) => (new ShelfFit($this->current($set), $item))->fits(),
                        ['skerrywing', 'hairpin-ladder', 'quay-cable', 'house'],
                    )),
                    $item->name,
                );
            }
        }
        $this->assertGreaterThanOrEqual(5, count($kinds));
    }

    public function test_what_is_put_there_is_given_to_another_installation_and_fitted_there_by_role(): void
    {
        $this->send(
            'skerrywing',
            'shelf/put',
            ['thing' => 'lamp scheme|fennel', 'name' => 'My lamps', 'about' => 'Anchor and water'],
        )->assertSessionHas('said', 'My lamps lies on the shelf.');
        $id = 'own-'.ShelfRecord::query()->sole()->id;
        $file = (string) $this->get('/sets/skerrywing/shelf/'.$id.'/file')->assertOk()->getContent();
        $this->assertStringContainsString('"nailrod-shelf"', $file);
        $this->assertStringNotContainsString('Fennel', $file);
        $this->assertStringNotContainsString('fennel', $file);
        ShelfRecord::query()->delete();
        // Another installation, another game: Quay & Cable has the same rig, and some of the same jobs.
        $this->from('/sets/quay-cable/shelf')->post(
            '/sets/quay-cable/shelf/bring',
            ['file' => UploadedFile::fake()->createWithContent('my-lamps.shelf.json', $file)],
        )->assertSessionHas('said', 'My lamps lies on the shelf. Nothing of it is taken yet.');
        $id = 'own-'.ShelfRecord::query()->sole()->id;
        $before = count($this->current('quay-cable')->lamps);
        $fits = (new ShelfFit($this->current('quay-cable'), Shelf::item($id)))->fits();
        $this->assertGreaterThan(0, $fits);
        $this->get('/sets/quay-cable/shelf?item='.$id)->assertOk()->assertSee($fits.' of ');
        $this->get('/sets/house/shelf?item='.$id)->assertOk()->assertSee('not taken');
        $this->send('quay-cable', 'shelf/take', ['item' => $id])->assertSessionHas('said');
        $this->assertCount($before + $fits, $this->current('quay-cable')->lamps);
        $this->send('quay-cable', 'undo');
        $this->assertCount($before, $this->current('quay-cable')->lamps);
    }

    public function test_everything_that_a_set_offers_can_be_put_there(): void
    {
        foreach (ShelfKinds::all() as $kind => $class) {
            foreach (array_slice($class::offered($this->current('skerrywing')), 0, 2) as $thing => $name) {
                $this->send(
                    'skerrywing',
                    'shelf/put',
                    ['thing' => $kind.'|'.$thing, 'name' => $name],
                )->assertSessionHas('said');
                $id = 'own-'.ShelfRecord::query()->max('id');
                $this->get('/sets/skerrywing/shelf?item='.$id)->assertOk()->assertSee($class::title());
                $file = (string) $this->get('/sets/skerrywing/shelf/'.$id.'/file')->getContent();
                foreach (['FN-0032', 'TS-0147', 'serial'] as $owners) {
                    $this->assertStringNotContainsString($owners, $file, $kind);
                }
            }
        }
        // A page of a panel and a whole set are looked at first, on the page that they have for that.
        foreach (['panel page' => 'nothing', 'set' => 'nothing'] as $kind => $_) {
            $id = collect(Shelf::own())->search(fn ($item) => $item->kind::kind() === $kind);
            $this->send('hairpin-ladder', 'shelf/take', ['item' => (string) $id])->assertRedirect();
            $this->get(
                (string) $this->send(
                    'hairpin-ladder',
                    'shelf/take',
                    ['item' => (string) $id],
                )->headers->get('Location'),
            )->assertOk()->assertSee('Take it');
        }
    }

    public function test_a_shape_goes_into_the_axis_that_is_chosen(): void
    {
        // Each begins with an axis that it fits, and is drawn there.
        foreach (array_keys(Shelf::shipped()) as $id) {
            if (str_starts_with((string) $id, 'shape-')) {
                $this->get('/sets/skerrywing/shelf?item='.$id)
                    ->assertOk()
                    ->assertSee('shelf__line', false)
                    ->assertDontSee('not taken');
            }
        }
        $this->get(
            '/sets/hairpin-ladder/shelf?item=shape-flaps&axis=sedge/left-toe',
        )->assertOk()->assertSee('Sedge Left toe brake');
        $this->send(
            'hairpin-ladder',
            'shelf/take',
            ['item' => 'shape-flaps', 'axis' => 'sedge/left-toe'],
        )->assertSessionHas('said');
        $this->assertSame(
            'stepped',
            $this->current('hairpin-ladder')->merged->value(
                \Nailrod\Core\Set\PartPath::axis('sedge/left-toe', 'notches'),
            )['kind'] ?? '',
        );
    }

    public function test_what_is_taken_down_can_be_put_back_and_what_is_wrong_is_told(): void
    {
        $this->send('skerrywing', 'shelf/put', ['thing' => 'macro|three-sacks', 'name' => 'Sacks']);
        $id = 'own-'.ShelfRecord::query()->sole()->id;
        $this->send('skerrywing', 'shelf/remove', ['item' => $id])->assertSessionHas(
            'said',
            'Sacks is taken down. It can be put back.',
        );
        $this->get('/sets/skerrywing/shelf')->assertSee('Taken down');
        $this->send('skerrywing', 'shelf/remove', ['item' => $id])->assertSessionHas('said', 'Sacks is back.');
        foreach (
            [
                ['thing' => 'macro|nothing', 'name' => 'X'], ['thing' => 'sofa|x', 'name' => 'X'],
                ['thing' => '', 'name' => 'X'],
            ] as $wrong
        ) {
            $this->send('skerrywing', 'shelf/put', $wrong)->assertSessionHas('problem');
        }
        $this->send(
            'skerrywing',
            'shelf/put',
            ['thing' => 'macro|three-sacks', 'name' => ''],
        )->assertSessionHasErrors(['name' => 'Name: found nothing, expected what it is called.']);
        $this->send('skerrywing', 'shelf/take', ['item' => 'own-999'])->assertSessionHas('problem');
        foreach (
            [
                '{}' => 'kind', 'text' => 'x.shelf.json', '{"format":"nailrod-set"}' => 'x.shelf.json',
            ] as $content => $words
        ) {
            $this->from('/sets/skerrywing/shelf')->post(
                '/sets/skerrywing/shelf/bring',
                ['file' => UploadedFile::fake()->createWithContent('x.shelf.json', $content)],
            )->assertSessionHas('problem', fn (string $problem) => str_contains($problem, 'x.shelf.json'));
        }
        $this->assertSame(1, ShelfRecord::query()->count());
    }
}
