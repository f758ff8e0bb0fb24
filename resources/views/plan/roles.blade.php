@php($place = $view->place)
<x-layout :place="$place" title="Roles">
    <section class="column" aria-labelledby="roles-title">
        <h1 id="roles-title">Roles <span class="column__note">the same job, in every simulator: where it is, at a glance. {{ $view->mixed() === 0 ? 'All are in line.' : $view->mixed().' are not in the same place everywhere.' }}</span></h1>
        <form data-does="look" action="{{ route('roles', $place->record->id) }}" data-visit class="roles__show"><label class="field"><span>Show</span><select name="show">{{ App\Forms\Options::of(App\View\Plan\RolesView::FILTERS, $view->show) }}</select></label> <a class="link" href="{{ route('carry', $place->record->id) }}">Carry over from another set or device</a></form>
        <x-no-roles :catalogue="$place->set->catalogue" />
        <div class="scroll" id="roles-grid" tabindex="0" role="region" aria-label="Roles against sets">
        @if ($view->rows() === [])<p class="empty">{{ $view->show === 'differ' ? 'Every role is in the same place in every set that reaches it.' : 'No two sets here have a game with the same role.' }}</p>@else
        <table class="roles">
            <thead><tr><th scope="col">Role</th>@foreach ($view->columns as $id => $column)<th scope="col"><a href="{{ route('plan', $id) }}">{{ $column->name }}</a></th>@endforeach</tr></thead>
            <tbody>
            @foreach ($view->rows() as $row)
                <tr data-role="{{ $row->role }}" @class(['is-mixed' => $view->isMixed($row)])><th scope="row">{{ $row->role }}</th>
                @foreach ($view->columns as $id => $column)
                    @php($at = $row->at($id))
                    <td data-set="{{ $id }}" @class(['roles__cell', 'roles__cell--none' => ! $row->isIn($id), 'roles__cell--open' => $row->isIn($id) && $at === [], 'roles__cell--differs' => $row->differs($id), 'roles__cell--inherited' => $at !== [] && $at[0]->isInherited])>
                        @if (! $row->isIn($id))<span title="This game has no such action">·</span>
                        @elseif ($at === [])<span class="roles__open">not reached</span>@if ($view->canAdd($id, $row->usual))@include('plan.parts.in-line', ['only' => $id, 'spot' => $row->usual, 'words' => 'Put it there too'])@endif
                        @else
                            <a href="{{ $view->assign($id, $at[0]->spot) }}">{{ $at[0]->control }}</a>@if ($at[0]->layer !== '') <small>{{ $at[0]->layer }}</small>@endif @if (count($at) > 1)<small>and {{ count($at) - 1 }} more</small>@endif
                            @if ($row->differs($id))<span class="roles__mark"><b aria-hidden="true">≠</b> elsewhere</span>@if ($view->canBring($id, $row->usual))@include('plan.parts.in-line', ['only' => $id, 'spot' => $row->usual, 'words' => 'Bring it in line'])@include('plan.parts.in-line', ['only' => '', 'spot' => $at[0]->spot, 'words' => 'All like this'])@endif @endif
                        @endif
                    </td>
                @endforeach
                </tr>
            @endforeach
            </tbody>
        </table>
        @endif
        </div>
    </section>
</x-layout>
