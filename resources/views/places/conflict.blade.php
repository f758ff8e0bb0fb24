@php($place = App\View\Place::open(app(App\Sets\SetStore::class), $difference->setId, App\View\Place::nameIn(url()->previous())))
<x-layout :place="$place" title="Changed in the meantime">
    <section class="column conflict" aria-labelledby="conflict-title" data-problem>
        <h1 id="conflict-title">This set was changed in another tab</h1>
        <p>Your change was made from an older state of the set. It was not made, and nothing is lost: choose below.</p>
        @foreach ([['What changed in the meantime', $difference->meanwhile], ['What you meant to change', $difference->meant]] as [$title, $rows])
            <h2 class="column__title">{{ $title }}</h2>
            <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">Before</th><th scope="col">After</th></tr></thead><tbody>
                @forelse ($rows as $row)<tr><th scope="row">{{ $row['subject'] }}</th><td>{{ $row['before'] ?: 'not said here' }}</td><td>{{ $row['after'] ?: 'not said here' }}</td></tr>
                @empty<tr><td colspan="3">Nothing that differs.</td></tr>@endforelse
            </tbody></table>
        @endforeach
        <div class="conflict__choice">
            <form data-does="edit" method="post" action="{{ request()->fullUrl() }}" data-edit novalidate>@csrf
                @foreach (App\View\FlatFields::flat(request()->except(['_token', 'from', 'file'])) as $name => $value)<input
                    type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
                <input type="hidden" name="from" value="{{ $difference->head }}"><button class="button button--main">Make my change on top of it</button>
            </form>
            <a class="button" href="{{ url()->previous() }}" data-refresh>Leave it as it is now</a>
        </div>
    </section>
</x-layout>
