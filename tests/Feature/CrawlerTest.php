<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\SetStore;
use App\View\Places;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Goes over every place of sets at every depth and sends each form on it as the page wrote it, with one field changed
 * as a person might. A form says what it does (`data-does`): an *edit* is undone by one step of each set that it
 * changed, byte for byte; a *record* is kept beside the sets; an *order* goes to the rig; a *look* changes nothing. A
 * form that says none fails.
 */
final class CrawlerTest extends TestCase
{
    /**
     * Pages of one set that are read: links lead from each to others, so that what is picked and what is open comes up.
     */
    private const MOST_PAGES = 70;

    /** How often a form of one sort is sent, in one set. */
    private const EACH = 2;

    /** @var list<string> what went wrong, with the page and the form */
    private array $faults = [];

    /** @var array<string, int> how often a form of a sort was sent */
    private array $sent = [];

    /** @var array<string, int> forms that were sent, by what they do */
    private array $did = ['edit' => 0, 'record' => 0, 'look' => 0];

    /** @return iterable<string, array{string}> */
    public static function sets(): iterable
    {
        foreach (
            [
                'house' => 'a root', 'skerrywing' => 'a child', 'dunlin' => 'a grandchild', 'mine' => 'an own root',
                'mine-game' => 'an own child',
            ] as $set => $what
        ) {
            yield $what => [$set];
        }
    }

    protected function setUp(): void
    {
        parent::setUp();
        $store = app(SetStore::class);
        $say = fn (array $said): SetDocument => SetDocument::read(
            Node::of(['format' => SetDocument::FORMAT, 'version' => 1] + $said),
        );
        $store->create(
            $say([
                'id' => 'mine', 'name' => 'My own rig', 'devices' => ['fennel', 'rowan', 'teasel', 'bracken', 'clover'],
            ]),
            90,
            'you',
            'Begun.',
        );
        $store->create(
            $say(['id' => 'mine-game', 'name' => 'My climb', 'parent' => 'mine', 'simulator' => 'hairpin-ladder']),
            91,
            'you',
            'Begun.',
        );
        foreach (['skerrywing', 'mine-game'] as $set) {
            // Something is written, kept and on paper, so that what is done about that comes up too.
            $this->post('/sets/'.$set.'/store/fennel');
        }
    }

    #[DataProvider('sets')]
    public function test_every_form_of_every_place_is_taken_as_the_page_wrote_it(string $set): void
    {
        $base = '/sets/'.$set.'/';
        $queue = [];
        array_push($queue, ...array_map(fn (string $place): string => $base.$place, array_keys(Places::all())));
        $sorts = array_fill_keys(array_map(self::sort(...), $queue), true);
        for ($read = 0; $queue !== [] && $read < self::MOST_PAGES; $read++) {
            $at = array_shift($queue);
            $page = $this->get($at);
            if ($page->getStatusCode() !== 200) {
                $this->faults[] = $at.': '.$page->getStatusCode();

                continue;
            }
            $document = PageForm::parsed((string) $page->getContent());
            foreach ($document->getElementsByTagName('form') as $form) {
                $this->form($at, $form);
            }
            foreach ($document->getElementsByTagName('a') as $link) {
                $to = (string) preg_replace('#^http://[^/]+#', '', explode('#', $link->getAttribute('href'))[0]);
                $sort = self::sort($to);
                if (str_starts_with($to, $base) && $link->hasAttribute('data-refresh') && ! isset($sorts[$sort])) {
                    $sorts[$sort] = true;
                    $queue[] = $to;
                }
            }
        }
        $this->assertSame([], $this->faults, implode("\n", $this->faults));
        $this->assertGreaterThan(30, $this->did['edit']);
        $this->assertGreaterThan(4, min($this->did));
    }

    /**
     * What is asked changes with what was chosen: each choice of a form is made, and the page that comes is gone over
     * too.
     */
    public function test_after_each_behaviour_that_can_be_chosen_every_form_is_taken_as_the_page_wrote_it(): void
    {
        $at = '/sets/skerrywing/assign?device=fennel&ref=fennel%2Fmark';
        $page = new \DOMXPath(PageForm::parsed((string) $this->get($at)->getContent()));
        $options = $page->query('//select[@name="behaviour"]/option') ?: [];
        $this->assertGreaterThan(5, count($options));
        foreach ($options as $option) {
            assert($option instanceof \DOMElement);
            DB::beginTransaction();
            $form = (
                new \DOMXPath(PageForm::parsed((string) $this->get($at)->getContent()))
            )->query('//select[@name="behaviour"]/ancestor::form')[0] ?? null;
            assert($form instanceof \DOMElement);
            $fields = ['behaviour' => $option->getAttribute('value')] + PageForm::submissions($form)[0];
            $this->from('http://localhost'.$at)->call(
                'POST',
                (string) preg_replace('#^http://[^/]+#', '', $form->getAttribute('action')),
                PageForm::nested(PageForm::query($fields)),
            );
            $refused = app('session.store')->get('problem');
            if ($refused !== null) {
                $this->faults[] = $option->textContent.' is refused as it comes: '.json_encode($refused);
            }
            foreach (PageForm::parsed((string) $this->get($at)->getContent())->getElementsByTagName('form') as $next) {
                if (str_contains($next->getAttribute('action'), '/cells')) {
                    $this->form($at.' as '.trim($option->textContent), $next);
                }
            }
            DB::rollBack();
            // What was sent for one behaviour was not for the next.
            $this->sent = [];
        }
        $this->assertSame([], $this->faults, implode("\n", $this->faults));
        $this->assertGreaterThan(30, $this->did['edit']);
    }

    /**
     * Pages of one sort ask for the same things: which device or control it is makes no other page, what is done there
     * does.
     */
    private static function sort(string $url): string
    {
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        $does = array_intersect_key(
            $asked,
            array_flip(['do', 'more', 'show', 'zoom', 'part', 'group', 'kind', 'side', 'propose', 'new']),
        );
        ksort($asked);

        return parse_url($url, PHP_URL_PATH).' '.implode(',', array_keys($asked)).' '.json_encode($does).' '.explode(
            '/',
            (string) json_encode($asked['device'] ?? ''),
        )[0];
    }

    private function form(string $at, \DOMElement $form): void
    {
        $does = $form->getAttribute('data-does');
        $action = (string) preg_replace('#^http://[^/]+#', '', $form->getAttribute('action'));
        $called = $at.' → '.$action;
        if (! in_array($does, ['edit', 'record', 'order', 'look'], true)) {
            $this->faults[] = $called.': the form does not say what it does';

            return;
        }
        if ($form->getAttribute('method') === 'dialog' || $action === '' || $does === 'order') {
            return;
        }
        $isPost = strtolower($form->getAttribute('method')) === 'post';
        if ($isPost && ! self::has($form, '_token')) {
            $this->faults[] = $called.': the form has no token, so a browser is answered 419';
        }
        foreach (PageForm::submissions($form) as $fields) {
            $sort = $does.' '.preg_replace(
                '#/(recordings|import)/[0-9a-f]+#',
                '/$1/x',
                $action,
            ).' '.implode(',', array_keys($fields)).' '.json_encode(
                array_intersect_key($fields, array_flip(['what', 'does', 'kind', 'part'])),
            );
            $this->sent[$sort] = ($this->sent[$sort] ?? 0) + 1;
            if ($this->sent[$sort] <= self::EACH) {
                DB::beginTransaction();
                $this->send($at, $called, $does, $isPost, $action, $fields);
                DB::rollBack();
            }
        }
    }

    private static function has(\DOMElement $form, string $name): bool
    {
        foreach ($form->getElementsByTagName('input') as $input) {
            if ($input->getAttribute('name') === $name) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, string|list<string>> $fields */
    private function send(string $at, string $called, string $does, bool $isPost, string $action, array $fields): void
    {
        $before = self::heads();
        $all = $does === 'look' ? self::everything() : '';
        $query = PageForm::query($fields);
        $answer = $isPost ? $this->from(
            'http://localhost'.explode(' as ', $at)[0],
        )->call('POST', $action, PageForm::nested($query)) : $this->get(
            $action.(str_contains($action, '?') ? '&' : '?').$query,
        );
        $called .= ' ['.mb_strimwidth(urldecode($query), 0, 200, '…').']';
        $status = $answer->getStatusCode();
        if (! in_array($status, $isPost ? [302, 303] : [200], true)) {
            $this->faults[] = $called.': '.$status.' '.mb_strimwidth(
                trim((string) preg_replace('/\s+/', ' ', strip_tags((string) $answer->getContent()))),
                0,
                160,
            );

            return;
        }
        $this->did[$does]++;
        $refused = $isPost ? self::refusal($answer) : '';
        if ($refused !== '') {
            if (preg_match('/\b(object|null|array|undefined|boolean|integer)\b|[a-z]_[a-z]|\{|\}/', $refused) === 1) {
                $this->faults[] = $called.': refused in words of code: '.$refused;
            }

            return;
        }
        if ($does === 'look' && self::everything() !== $all) {
            $this->faults[] = $called.': it says that it looks, and has changed something';
        }
        if ($does === 'edit') {
            $this->undone($called, $before);
        }
    }

    /**
     * One step back in each set that an edit changed, and all is as it was. @param array<string, array{int, string}>
     * $before
     */
    private function undone(string $called, array $before): void
    {
        $changed = array_filter(
            self::heads(),
            fn (array $head, string $set): bool => ($before[$set] ?? null) !== $head,
            ARRAY_FILTER_USE_BOTH,
        );
        foreach (array_keys($changed) as $set) {
            if (! isset($before[$set])) {
                $this->faults[] = $called.': it says that it edits, and has made a set';

                continue;
            }
            $this->post('/sets/'.$set.'/undo', ['from' => (string) $changed[$set][0]]);
        }
        $after = self::heads();
        foreach (array_keys($changed) as $set) {
            if (isset($before[$set]) && $after[$set][1] !== $before[$set][1]) {
                $this->faults[] = $called.': one step back in '.$set.' does not give it back';
            }
        }
    }

    /** @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer */
    private static function refusal(TestResponse $answer): string
    {
        $session = app('session.store');
        $problem = $session->get('problem');
        $errors = $session->get('errors');
        $said = is_string($problem) ? $problem : (
            $errors instanceof \Illuminate\Support\ViewErrorBag && $errors->any() ? (string) $errors->first() : ''
        );
        $session->forget(['problem', 'errors', 'said']);

        return $said;
    }

    /** @return array<string, array{int, string}> the revision that holds of each set, and its document */
    private static function heads(): array
    {
        $heads = [];
        foreach (SetRecord::query()->where('removed', false)->orderBy('id')->get() as $set) {
            $heads[$set->id] = [
                (int) $set->head_id, (string) Revision::query()->where('id', $set->head_id)->value('document'),
            ];
        }

        return $heads;
    }

    /** All that is kept, but for what is compiled of it. */
    private static function everything(): string
    {
        $tables = array_diff(
            array_column(DB::select("SELECT name FROM sqlite_master WHERE type = 'table'"), 'name'),
            ['sqlite_sequence', 'migrations'],
        );

        return hash(
            'xxh128',
            (string) json_encode(array_map(
                fn (string $table): array => array_map(
                    fn (object $row): array => array_diff_key(
                        (array) $row,
                        ['program' => 0, 'seen' => 0, 'updated_at' => 0],
                    ),
                    DB::table($table)->get()->all(),
                ),
                $tables,
            )),
        );
    }
}
