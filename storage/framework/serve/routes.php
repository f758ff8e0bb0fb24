<?php

app('router')->setCompiledRoutes(
    array (
  'compiled' => 
  array (
    0 => false,
    1 => 
    array (
      '/' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'home',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'first',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first/demo' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'first.demo',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first/own' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'first.own',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first/put-away' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'demo.put-away',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first/bring-back' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'demo.bring-back',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/first/list' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'first.list',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/import' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'import.bring',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/recordings' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recording.upload',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/pair' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'phone.show',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'phone.pair',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/token' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'line.token',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/hid' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'line.hid',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/pads' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'line.pads',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
    ),
    2 => 
    array (
      0 => '{^(?|/help/([a-z-]+)\\.png(*:27)|/s(?|ets/(?|([a-z0-9_-]+)/rig(*:63)|([a-z0-9_-]+)/shape(*:89)|([a-z0-9_-]+)/assign(*:116)|([a-z0-9_-]+)/layers(*:144)|([a-z0-9_-]+)/macros(*:172)|([a-z0-9_-]+)/lamps(*:199)|([a-z0-9_-]+)/bench(*:226)|([a-z0-9_-]+)/recordings(*:258)|([a-z0-9_-]+)/plan(?|(*:287))|([a-z0-9_-]+)/plan/press(*:320)|([a-z0-9_-]+)/typed(*:347)|([a-z0-9_-]+)/already(*:376)|([a-z0-9_-]+)/find(*:402)|([a-z0-9_-]+)/help/([a-z-]+)(*:438)|([a-z0-9_-]+)/told(*:464)|([a-z0-9_-]+)/mend(*:490)|([a-z0-9_-]+)/meant(*:517)|([a-z0-9_-]+)/actions(*:546)|([a-z0-9_-]+)/actions/change(*:582)|([a-z0-9_-]+)/actions/undo(*:616)|([a-z0-9_-]+)/actions/redo(*:650)|([a-z0-9_-]+)/roles(?|(*:680))|([a-z0-9_-]+)/carry(?|(*:711))|([a-z0-9_-]+)/macros(*:740)|([a-z0-9_-]+)/macros/say(*:772)|([a-z0-9_-]+)/macros/copy(*:805)|([a-z0-9_-]+)/macros/remove(*:840)|([a-z0-9_-]+)/macros/bars(*:873)|([a-z0-9_-]+)/macros/bars/move(*:911)|([a-z0-9_-]+)/macros/bars/type(*:949)|([a-z0-9_-]+)/macros/bars/remove(*:989)|([a-z0-9_-]+)/macros/record(*:1024)|([a-z0-9_-]+)/lamps(*:1052)|([a-z0-9_-]+)/lamps/remove(*:1087)|([a-z0-9_-]+)/store(*:1115)|([a-z0-9_-]+)/shelf(*:1143)|([a-z0-9_-]+)/shelf/put(*:1175)|([a-z0-9_-]+)/shelf/take(*:1208)|([a-z0-9_-]+)/shelf/bring(*:1242)|([a-z0-9_-]+)/shelf/remove(*:1277)|([a-z0-9_-]+)/shelf/([a-z0-9-]{1,80})/file(*:1328)|([a-z0-9_-]+)/print(*:1356)|([a-z0-9_-]+)/print/([0-9]{1,4})(*:1397)|([a-z0-9_-]+)/print/done(*:1430)|([a-z0-9_-]+)/print/size(*:1463)|([a-z0-9_-]+)/panel(*:1491)|([a-z0-9_-]+)/panel/add(*:1523)|([a-z0-9_-]+)/panel/pick(*:1556)|([a-z0-9_-]+)/panel/rename(*:1591)|([a-z0-9_-]+)/panel/remove(*:1626)|([a-z0-9_-]+)/panel/pages(*:1660)|([a-z0-9_-]+)/panel/pages/say(*:1698)|([a-z0-9_-]+)/panel/pages/remove(*:1739)|([a-z0-9_-]+)/panel/pages/propose(*:1781)|([a-z0-9_-]+)/panel/pair(*:1814)|([a-z0-9_-]+)/panel/phones/give(*:1854)|([a-z0-9_-]+)/panel/phones/remove(*:1896)|([a-z0-9_-]+)/panel/phones/remove\\-all(*:1943)|([a-z0-9_-]+)/panel/file(*:1976)|([a-z0-9_-]+)/panel/tiles(*:2010)|([a-z0-9_-]+)/panel/tiles/say(*:2048)|([a-z0-9_-]+)/panel/tiles/move(*:2087)|([a-z0-9_-]+)/panel/tiles/size(*:2126)|([a-z0-9_-]+)/panel/tiles/give(*:2165)|([a-z0-9_-]+)/panel/tiles/copy(*:2204)|([a-z0-9_-]+)/panel/tiles/remove(*:2245)|([a-z0-9_-]+)/settings(*:2276)|([a-z0-9_-]+)/desk/([^/]++)/unit(*:2317)|([a-z0-9_-]+)/desk/([^/]++)/slide(*:2359)|([a-z0-9_-]+)/desk/([^/]++)/press(*:2401)|([a-z0-9_-]+)/rig/tokens(*:2434)|([a-z0-9_-]+)/rig/tokens/remove(*:2474)|([a-z0-9_-]+)/steps(*:2502)|([a-z0-9_-]+)/rig/draw(?|(*:2536))|([a-z0-9_-]+)/rig/note(*:2568)|([a-z0-9_-]+)/rig/turn(*:2599)|([a-z0-9_-]+)/rig/give\\-back(*:2636)|([a-z0-9_-]+)/rig/flipped(*:2670)|([a-z0-9_-]+)/rig/teach(*:2702)|([a-z0-9_-]+)/rig/measured(*:2737)|([a-z0-9_-]+)/rig/devices(*:2771)|([a-z0-9_-]+)/rig/own(*:2801)|([a-z0-9_-]+)/rig/phrases(*:2835)|([a-z0-9_-]+)/rig/phrases/remove(*:2876)|([a-z0-9_-]+)/rig/devices/remove(*:2917)|([a-z0-9_-]+)/shape/add(*:2949)|([a-z0-9_-]+)/shape/remove(*:2984)|([a-z0-9_-]+)/shape/begin(*:3018)|([a-z0-9_-]+)/shape/fit(*:3050)|([a-z0-9_-]+)/shape/bite(*:3083)|([a-z0-9_-]+)/shape/made(*:3116)|([a-z0-9_-]+)/shape/copy(*:3149)|([a-z0-9_-]+)/shape/([^/]++)(*:3186)|([a-z0-9_-]+)/stops(*:3214)|([a-z0-9_-]+)/stops/remove(*:3249)|([a-z0-9_-]+)/cells(*:3277)|([a-z0-9_-]+)/cells/everywhere(*:3316)|([a-z0-9_-]+)/cells/only(*:3349)|([a-z0-9_-]+)/cells/pair(*:3382)|([a-z0-9_-]+)/cells/outputs/remove(*:3425)|([a-z0-9_-]+)/cells/behave(*:3460)|([a-z0-9_-]+)/cells/depend(*:3495)|([a-z0-9_-]+)/cells/chord(*:3529)|([a-z0-9_-]+)/cells/as(*:3560)|([a-z0-9_-]+)/cells/chord/time(*:3599)|([a-z0-9_-]+)/cells/chord/remove(*:3640)|([a-z0-9_-]+)/flags(*:3668)|([a-z0-9_-]+)/cells/hand\\-over(*:3707)|([a-z0-9_-]+)/cells/clear(*:3741)|([a-z0-9_-]+)/cells/transfer(*:3778)|([a-z0-9_-]+)/cells/in\\-step(*:3815)|([a-z0-9_-]+)/ways(*:3842)|([a-z0-9_-]+)/layers(*:3871)|([a-z0-9_-]+)/layers/say(*:3904)|([a-z0-9_-]+)/layers/shift(*:3939)|([a-z0-9_-]+)/layers/rename(*:3975)|([a-z0-9_-]+)/layers/remove(*:4011)|([a-z0-9_-]+)/aside(*:4039)|([a-z0-9_-]+)/give\\-back(*:4072)|([a-z0-9_-]+)/undo(*:4099)|([a-z0-9_-]+)/redo(*:4126)|([a-z0-9_-]+)/store(*:4154)|([a-z0-9_-]+)/store/([^/]++)(*:4191)|([a-z0-9_-]+)/store/([^/]++)/read(*:4233)|([a-z0-9_-]+)/store/([^/]++)/fault(*:4276)|([a-z0-9_-]+)/store/([^/]++)/firmware(*:4322)|([a-z0-9_-]+)/store/([^/]++)/firmware/give(*:4373)|([a-z0-9_-]+)/store/([^/]++)/itself(*:4417)|([a-z0-9_-]+)/store/([^/]++)/copy(*:4459)|([a-z0-9_-]+)/store/([^/]++)/back(*:4501)|([a-z0-9_-]+)/store/([^/]++)/file(*:4543)|([a-z0-9_-]+)/file(?|(*:4573))|([a-z0-9_-]+)/with\\-parents(*:4610)|([a-z0-9_-]+)/bindings(?|(*:4644))|([a-z0-9_-]+)/keys(*:4672)|([a-z0-9_-]+)/summary(*:4702)|([a-z0-9_-]+)/sets(*:4729)|([a-z0-9_-]+)/sets/new(*:4760)|([a-z0-9_-]+)/sets/duplicate(*:4797)|([a-z0-9_-]+)/sets/rename(*:4831)|([a-z0-9_-]+)/sets/remove(*:4865)|([a-z0-9_-]+)/sets/bring\\-back(*:4904))|torage/(.*)(?|(*:4928)))|/panel/(?|([a-z0-9_-]+)/manifest(*:4971)|([a-z0-9_-]+)(*:4993)|([a-z0-9_-]+)/token(*:5021))|/memory/([a-z0-9_-]+)(*:5052)|/import/([0-9a-f]{16})(?|(*:5086)|/(?|panel(*:5104)|list(*:5117)|said(*:5130)))|/recordings/([0-9a-f]{16})/(?|file(*:5175)|cut(*:5187)|remove(*:5202)|bring\\-back(*:5222)))/?$}sDu',
    ),
    3 => 
    array (
      27 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'help.picture',
          ),
          1 => 
          array (
            0 => 'page',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      63 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      89 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      116 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'assign',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      144 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layers',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      172 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macros',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      199 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'lamps',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      226 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'bench',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      258 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recordings',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      287 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'plan',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'plan.take',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      320 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'plan.press',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      347 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'typed',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      376 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'already',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      402 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'find',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      438 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'help',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'page',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      464 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'told',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      490 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'mend',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      517 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'meant',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      546 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'actions',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      582 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'list.begin',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      616 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'list.undo',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      650 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'list.redo',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      680 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'roles',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'roles.bring',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      711 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'carry',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'carry.take',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      740 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      772 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.say',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      805 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.copy',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      840 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      873 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.bar',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      911 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.move-bar',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      949 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.retype',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      989 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.remove-bar',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1024 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'macro.record',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1052 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'lamp.save',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1087 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'lamp.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1115 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1143 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1175 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf.put',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1208 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf.take',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1242 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf.bring',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1277 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1328 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shelf.file',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'item',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1356 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'print',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1397 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'print.page',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'page',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      1430 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'print.done',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1463 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'print.size',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1491 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1523 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1556 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.pick',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1591 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.rename',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1626 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1660 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.add-page',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1698 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.page',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1739 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.remove-page',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1781 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.propose',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1814 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.pair',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1854 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.give-phone',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1896 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.phone',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1943 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.phones',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      1976 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.file',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2010 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.add-tile',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2048 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.tile',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2087 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.move',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2126 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.size',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2165 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.give',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2204 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.copy',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2245 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'panel.remove-tile',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2276 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'settings',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2317 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'desk.unit',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2359 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'desk.slide',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2401 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'desk.press',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2434 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'token.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2474 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'token.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2502 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'steps',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2536 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.draw',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'rig.drawn',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2568 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.note',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2599 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.turn',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2636 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.give-back',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2670 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.flipped',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2702 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.teach',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2737 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.measured',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2771 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2801 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.own',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2835 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.add-phrase',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2876 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.remove-phrase',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2917 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'rig.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2949 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      2984 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3018 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.begin',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3050 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.fit',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3083 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.bite',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3116 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.made',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3149 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.copy',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3186 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'shape.save',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'part',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      3214 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'stop.save',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3249 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'stop.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3277 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.assign',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3316 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.everywhere',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3349 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.only',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3382 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.pair',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3425 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.remove-output',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3460 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.behave',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3495 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.depend',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3529 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.chord',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3560 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.as',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3599 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.time-chord',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3640 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.remove-chord',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3668 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'flag.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3707 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.hand-over',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3741 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.clear',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3778 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.transfer',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3815 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'cell.in-step',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3842 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'way.save',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3871 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layer.add',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3904 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layer.say',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3939 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layer.shift',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      3975 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layer.rename',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4011 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'layer.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4039 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'aside',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4072 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'give-back',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4099 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'undo',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4126 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'redo',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4154 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.write-all',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4191 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.write',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      4233 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.read',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4276 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.fault',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4322 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.look-at',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4373 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.firmware',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4417 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.itself',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4459 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.copy',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4501 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.back',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4543 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.bring',
          ),
          1 => 
          array (
            0 => 'set',
            1 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4573 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'file.download',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'file.upload',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4610 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'file.bundle',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4644 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'file.bindings',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'file.take-bindings',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4672 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'file.keys',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4702 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'file.summary',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4729 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4760 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets.new',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4797 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets.duplicate',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4831 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets.rename',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4865 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets.remove',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4904 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'sets.bring-back',
          ),
          1 => 
          array (
            0 => 'set',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4928 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'storage.local',
          ),
          1 => 
          array (
            0 => 'path',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'storage.local.upload',
          ),
          1 => 
          array (
            0 => 'path',
          ),
          2 => 
          array (
            'PUT' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      4971 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'hand.manifest',
          ),
          1 => 
          array (
            0 => 'device',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      4993 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'hand',
          ),
          1 => 
          array (
            0 => 'device',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      5021 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'line.panel',
          ),
          1 => 
          array (
            0 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5052 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'store.fresh',
          ),
          1 => 
          array (
            0 => 'device',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      5086 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'import.show',
          ),
          1 => 
          array (
            0 => 'import',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'import.take',
          ),
          1 => 
          array (
            0 => 'import',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      5104 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'import.panel',
          ),
          1 => 
          array (
            0 => 'import',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5117 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'list.take',
          ),
          1 => 
          array (
            0 => 'import',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5130 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'list.say',
          ),
          1 => 
          array (
            0 => 'import',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5175 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recording.download',
          ),
          1 => 
          array (
            0 => 'recording',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5187 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recording.cut',
          ),
          1 => 
          array (
            0 => 'recording',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5202 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recording.remove',
          ),
          1 => 
          array (
            0 => 'recording',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      5222 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'recording.bring-back',
          ),
          1 => 
          array (
            0 => 'recording',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => NULL,
          1 => NULL,
          2 => NULL,
          3 => NULL,
          4 => false,
          5 => false,
          6 => 0,
        ),
      ),
    ),
    4 => NULL,
  ),
  'attributes' => 
  array (
    'home' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => '/',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@home',
        'controller' => 'App\\Http\\Controllers\\BeginController@home',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'home',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'help.picture' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'help/{page}.png',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HelpController@picture',
        'controller' => 'App\\Http\\Controllers\\HelpController@picture',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'help.picture',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'page' => '[a-z-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'first' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'first',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@first',
        'controller' => 'App\\Http\\Controllers\\BeginController@first',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'first',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'first.demo' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'first/demo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@look',
        'controller' => 'App\\Http\\Controllers\\BeginController@look',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'first.demo',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'first.own' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'first/own',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@begin',
        'controller' => 'App\\Http\\Controllers\\BeginController@begin',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'first.own',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'demo.put-away' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'first/put-away',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@putAway',
        'controller' => 'App\\Http\\Controllers\\BeginController@putAway',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'demo.put-away',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'demo.bring-back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'first/bring-back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@bringBack',
        'controller' => 'App\\Http\\Controllers\\BeginController@bringBack',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'demo.bring-back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'first.list' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'first/list',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@list',
        'controller' => 'App\\Http\\Controllers\\BeginController@list',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'first.list',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/rig',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@rig',
        'controller' => 'App\\Http\\Controllers\\PlaceController@rig',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/shape',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@shape',
        'controller' => 'App\\Http\\Controllers\\PlaceController@shape',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'assign' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/assign',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@assign',
        'controller' => 'App\\Http\\Controllers\\PlaceController@assign',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'assign',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layers' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/layers',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@layers',
        'controller' => 'App\\Http\\Controllers\\PlaceController@layers',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layers',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macros' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/macros',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@macros',
        'controller' => 'App\\Http\\Controllers\\PlaceController@macros',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macros',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'lamps' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/lamps',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@lamps',
        'controller' => 'App\\Http\\Controllers\\PlaceController@lamps',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'lamps',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'bench' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/bench',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@bench',
        'controller' => 'App\\Http\\Controllers\\PlaceController@bench',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'bench',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recordings' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/recordings',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@recordings',
        'controller' => 'App\\Http\\Controllers\\PlaceController@recordings',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'recordings',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'plan' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/plan',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@show',
        'controller' => 'App\\Http\\Controllers\\PlanController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'plan',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'plan.take' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/plan',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@take',
        'controller' => 'App\\Http\\Controllers\\PlanController@take',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'plan.take',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'plan.press' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/plan/press',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@press',
        'controller' => 'App\\Http\\Controllers\\PlanController@press',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'plan.press',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'typed' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/typed',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PaperController@__invoke',
        'controller' => 'App\\Http\\Controllers\\PaperController',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'typed',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'already' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/already',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\AlreadyController@__invoke',
        'controller' => 'App\\Http\\Controllers\\AlreadyController',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'already',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'find' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/find',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FindController@__invoke',
        'controller' => 'App\\Http\\Controllers\\FindController',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'find',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'help' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/help/{page}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HelpController@show',
        'controller' => 'App\\Http\\Controllers\\HelpController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'help',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
        'page' => '[a-z-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'told' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/told',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@told',
        'controller' => 'App\\Http\\Controllers\\PlanController@told',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'told',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'mend' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/mend',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@mend',
        'controller' => 'App\\Http\\Controllers\\PlanController@mend',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'mend',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'meant' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/meant',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@meant',
        'controller' => 'App\\Http\\Controllers\\PlanController@meant',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'meant',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'actions' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/actions',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlanController@actions',
        'controller' => 'App\\Http\\Controllers\\PlanController@actions',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'actions',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'list.begin' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/actions/change',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ListController@begin',
        'controller' => 'App\\Http\\Controllers\\ListController@begin',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'list.begin',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'list.undo' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/actions/undo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ListController@undo',
        'controller' => 'App\\Http\\Controllers\\ListController@undo',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'list.undo',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'list.redo' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/actions/redo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ListController@redo',
        'controller' => 'App\\Http\\Controllers\\ListController@redo',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'list.redo',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'roles' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/roles',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RolesController@show',
        'controller' => 'App\\Http\\Controllers\\RolesController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'roles',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'roles.bring' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/roles',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RolesController@bring',
        'controller' => 'App\\Http\\Controllers\\RolesController@bring',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'roles.bring',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'carry' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/carry',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CarryController@show',
        'controller' => 'App\\Http\\Controllers\\CarryController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'carry',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'carry.take' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/carry',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CarryController@take',
        'controller' => 'App\\Http\\Controllers\\CarryController@take',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'carry.take',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@add',
        'controller' => 'App\\Http\\Controllers\\MacroController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.say' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/say',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@say',
        'controller' => 'App\\Http\\Controllers\\MacroController@say',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.say',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.copy' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/copy',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@copy',
        'controller' => 'App\\Http\\Controllers\\MacroController@copy',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.copy',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@remove',
        'controller' => 'App\\Http\\Controllers\\MacroController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.bar' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/bars',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@addBar',
        'controller' => 'App\\Http\\Controllers\\MacroController@addBar',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.bar',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.move-bar' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/bars/move',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@moveBar',
        'controller' => 'App\\Http\\Controllers\\MacroController@moveBar',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.move-bar',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.retype' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/bars/type',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@retype',
        'controller' => 'App\\Http\\Controllers\\MacroController@retype',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.retype',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.remove-bar' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/bars/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@removeBar',
        'controller' => 'App\\Http\\Controllers\\MacroController@removeBar',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.remove-bar',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'macro.record' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/macros/record',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\MacroController@record',
        'controller' => 'App\\Http\\Controllers\\MacroController@record',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'macro.record',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'lamp.save' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/lamps',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LampController@save',
        'controller' => 'App\\Http\\Controllers\\LampController@save',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'lamp.save',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'lamp.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/lamps/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LampController@remove',
        'controller' => 'App\\Http\\Controllers\\LampController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'lamp.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/store',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PlaceController@store',
        'controller' => 'App\\Http\\Controllers\\PlaceController@store',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/shelf',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@show',
        'controller' => 'App\\Http\\Controllers\\ShelfController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf.put' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shelf/put',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@put',
        'controller' => 'App\\Http\\Controllers\\ShelfController@put',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf.put',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf.take' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shelf/take',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@take',
        'controller' => 'App\\Http\\Controllers\\ShelfController@take',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf.take',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf.bring' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shelf/bring',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@bring',
        'controller' => 'App\\Http\\Controllers\\ShelfController@bring',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf.bring',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shelf/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@remove',
        'controller' => 'App\\Http\\Controllers\\ShelfController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shelf.file' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/shelf/{item}/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShelfController@file',
        'controller' => 'App\\Http\\Controllers\\ShelfController@file',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shelf.file',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
        'item' => '[a-z0-9-]{1,80}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'print' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/print',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PrintController@show',
        'controller' => 'App\\Http\\Controllers\\PrintController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'print',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'print.page' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/print/{page}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PrintController@page',
        'controller' => 'App\\Http\\Controllers\\PrintController@page',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'print.page',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
        'page' => '[0-9]{1,4}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'print.done' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/print/done',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PrintController@done',
        'controller' => 'App\\Http\\Controllers\\PrintController@done',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'print.done',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'print.size' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/print/size',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PrintController@size',
        'controller' => 'App\\Http\\Controllers\\PrintController@size',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'print.size',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/panel',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@show',
        'controller' => 'App\\Http\\Controllers\\PanelController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/add',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@add',
        'controller' => 'App\\Http\\Controllers\\PanelController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.pick' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pick',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@pick',
        'controller' => 'App\\Http\\Controllers\\PanelController@pick',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.pick',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.rename' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/rename',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@rename',
        'controller' => 'App\\Http\\Controllers\\PanelController@rename',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.rename',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@remove',
        'controller' => 'App\\Http\\Controllers\\PanelController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.add-page' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pages',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@addPage',
        'controller' => 'App\\Http\\Controllers\\PanelController@addPage',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.add-page',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.page' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pages/say',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@page',
        'controller' => 'App\\Http\\Controllers\\PanelController@page',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.page',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.remove-page' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pages/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@removePage',
        'controller' => 'App\\Http\\Controllers\\PanelController@removePage',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.remove-page',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.propose' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pages/propose',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@propose',
        'controller' => 'App\\Http\\Controllers\\PanelController@propose',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.propose',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.pair' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/pair',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PairingController@begin',
        'controller' => 'App\\Http\\Controllers\\PairingController@begin',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.pair',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.give-phone' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/phones/give',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PairingController@give',
        'controller' => 'App\\Http\\Controllers\\PairingController@give',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.give-phone',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.phone' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/phones/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PairingController@takeAway',
        'controller' => 'App\\Http\\Controllers\\PairingController@takeAway',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.phone',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.phones' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/phones/remove-all',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PairingController@takeAllAway',
        'controller' => 'App\\Http\\Controllers\\PairingController@takeAllAway',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.phones',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.file' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/panel/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@file',
        'controller' => 'App\\Http\\Controllers\\PanelController@file',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.file',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.add-tile' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@addTile',
        'controller' => 'App\\Http\\Controllers\\PanelController@addTile',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.add-tile',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.tile' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/say',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@tile',
        'controller' => 'App\\Http\\Controllers\\PanelController@tile',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.tile',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.move' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/move',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@move',
        'controller' => 'App\\Http\\Controllers\\PanelController@move',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.move',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.size' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/size',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@size',
        'controller' => 'App\\Http\\Controllers\\PanelController@size',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.size',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.give' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/give',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@give',
        'controller' => 'App\\Http\\Controllers\\PanelController@give',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.give',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.copy' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/copy',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@copy',
        'controller' => 'App\\Http\\Controllers\\PanelController@copy',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.copy',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'panel.remove-tile' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/panel/tiles/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PanelController@removeTile',
        'controller' => 'App\\Http\\Controllers\\PanelController@removeTile',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'panel.remove-tile',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'settings' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/settings',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DeskController@setting',
        'controller' => 'App\\Http\\Controllers\\DeskController@setting',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'settings',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'desk.unit' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/desk/{device}/unit',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DeskController@unit',
        'controller' => 'App\\Http\\Controllers\\DeskController@unit',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'desk.unit',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'desk.slide' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/desk/{device}/slide',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DeskController@slide',
        'controller' => 'App\\Http\\Controllers\\DeskController@slide',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'desk.slide',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'desk.press' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/desk/{device}/press',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DeskController@press',
        'controller' => 'App\\Http\\Controllers\\DeskController@press',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'desk.press',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'token.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/tokens',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\TokenController@add',
        'controller' => 'App\\Http\\Controllers\\TokenController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'token.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'token.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/tokens/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\TokenController@remove',
        'controller' => 'App\\Http\\Controllers\\TokenController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'token.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'steps' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/steps',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\BeginController@step',
        'controller' => 'App\\Http\\Controllers\\BeginController@step',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'steps',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.draw' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/rig/draw',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DrawController@show',
        'controller' => 'App\\Http\\Controllers\\DrawController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.draw',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.drawn' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/draw',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\DrawController@take',
        'controller' => 'App\\Http\\Controllers\\DrawController@take',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.drawn',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.note' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/note',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@note',
        'controller' => 'App\\Http\\Controllers\\RigController@note',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.note',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.turn' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/turn',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@turn',
        'controller' => 'App\\Http\\Controllers\\RigController@turn',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.turn',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.give-back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/give-back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@giveBack',
        'controller' => 'App\\Http\\Controllers\\RigController@giveBack',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.give-back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.flipped' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/flipped',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@flipped',
        'controller' => 'App\\Http\\Controllers\\RigController@flipped',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.flipped',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.teach' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/teach',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@teach',
        'controller' => 'App\\Http\\Controllers\\RigController@teach',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.teach',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.measured' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/measured',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@measured',
        'controller' => 'App\\Http\\Controllers\\RigController@measured',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.measured',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/devices',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@add',
        'controller' => 'App\\Http\\Controllers\\RigController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.own' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/own',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@own',
        'controller' => 'App\\Http\\Controllers\\RigController@own',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.own',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.add-phrase' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/phrases',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@addPhrase',
        'controller' => 'App\\Http\\Controllers\\RigController@addPhrase',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.add-phrase',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.remove-phrase' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/phrases/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@removePhrase',
        'controller' => 'App\\Http\\Controllers\\RigController@removePhrase',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.remove-phrase',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'rig.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/rig/devices/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RigController@remove',
        'controller' => 'App\\Http\\Controllers\\RigController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'rig.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/add',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@add',
        'controller' => 'App\\Http\\Controllers\\ShapeController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@remove',
        'controller' => 'App\\Http\\Controllers\\ShapeController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.begin' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/begin',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@begin',
        'controller' => 'App\\Http\\Controllers\\ShapeController@begin',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.begin',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.fit' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/fit',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@fit',
        'controller' => 'App\\Http\\Controllers\\ShapeController@fit',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.fit',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.bite' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/bite',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@bite',
        'controller' => 'App\\Http\\Controllers\\ShapeController@bite',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.bite',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.made' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/made',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@made',
        'controller' => 'App\\Http\\Controllers\\ShapeController@made',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.made',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.copy' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/copy',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@copy',
        'controller' => 'App\\Http\\Controllers\\ShapeController@copy',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.copy',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'shape.save' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/shape/{part}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ShapeController@save',
        'controller' => 'App\\Http\\Controllers\\ShapeController@save',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'shape.save',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'stop.save' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/stops',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StopController@save',
        'controller' => 'App\\Http\\Controllers\\StopController@save',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'stop.save',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'stop.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/stops/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StopController@remove',
        'controller' => 'App\\Http\\Controllers\\StopController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'stop.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.assign' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@assign',
        'controller' => 'App\\Http\\Controllers\\CellController@assign',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.assign',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.everywhere' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/everywhere',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@everywhere',
        'controller' => 'App\\Http\\Controllers\\CellController@everywhere',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.everywhere',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.only' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/only',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@only',
        'controller' => 'App\\Http\\Controllers\\CellController@only',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.only',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.pair' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/pair',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@pair',
        'controller' => 'App\\Http\\Controllers\\CellController@pair',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.pair',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.remove-output' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/outputs/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@removeOutput',
        'controller' => 'App\\Http\\Controllers\\CellController@removeOutput',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.remove-output',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.behave' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/behave',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@behave',
        'controller' => 'App\\Http\\Controllers\\CellController@behave',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.behave',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.depend' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/depend',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@dependOn',
        'controller' => 'App\\Http\\Controllers\\CellController@dependOn',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.depend',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.chord' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/chord',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@chord',
        'controller' => 'App\\Http\\Controllers\\CellController@chord',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.chord',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.as' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/as',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@doAs',
        'controller' => 'App\\Http\\Controllers\\CellController@doAs',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.as',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.time-chord' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/chord/time',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@timeChord',
        'controller' => 'App\\Http\\Controllers\\CellController@timeChord',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.time-chord',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.remove-chord' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/chord/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@removeChord',
        'controller' => 'App\\Http\\Controllers\\CellController@removeChord',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.remove-chord',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'flag.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/flags',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@addFlag',
        'controller' => 'App\\Http\\Controllers\\CellController@addFlag',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'flag.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.hand-over' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/hand-over',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@handOver',
        'controller' => 'App\\Http\\Controllers\\CellController@handOver',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.hand-over',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.clear' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/clear',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@clear',
        'controller' => 'App\\Http\\Controllers\\CellController@clear',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.clear',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.transfer' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/transfer',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@transfer',
        'controller' => 'App\\Http\\Controllers\\CellController@transfer',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.transfer',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'cell.in-step' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/cells/in-step',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\CellController@inStep',
        'controller' => 'App\\Http\\Controllers\\CellController@inStep',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'cell.in-step',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'way.save' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/ways',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\WayController@save',
        'controller' => 'App\\Http\\Controllers\\WayController@save',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'way.save',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layer.add' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/layers',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LayerController@add',
        'controller' => 'App\\Http\\Controllers\\LayerController@add',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layer.add',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layer.say' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/layers/say',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LayerController@say',
        'controller' => 'App\\Http\\Controllers\\LayerController@say',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layer.say',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layer.shift' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/layers/shift',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LayerController@shift',
        'controller' => 'App\\Http\\Controllers\\LayerController@shift',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layer.shift',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layer.rename' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/layers/rename',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LayerController@rename',
        'controller' => 'App\\Http\\Controllers\\LayerController@rename',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layer.rename',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'layer.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/layers/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\LayerController@remove',
        'controller' => 'App\\Http\\Controllers\\LayerController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'layer.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'aside' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/aside',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\AsideController@__invoke',
        'controller' => 'App\\Http\\Controllers\\AsideController',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'aside',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'give-back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/give-back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HistoryController@giveBack',
        'controller' => 'App\\Http\\Controllers\\HistoryController@giveBack',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'give-back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'undo' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/undo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HistoryController@undo',
        'controller' => 'App\\Http\\Controllers\\HistoryController@undo',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'undo',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'redo' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/redo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HistoryController@redo',
        'controller' => 'App\\Http\\Controllers\\HistoryController@redo',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'redo',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.write-all' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@writeAll',
        'controller' => 'App\\Http\\Controllers\\StoreController@writeAll',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.write-all',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.write' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@write',
        'controller' => 'App\\Http\\Controllers\\StoreController@write',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.write',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.read' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/read',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@read',
        'controller' => 'App\\Http\\Controllers\\StoreController@read',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.read',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.fault' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/fault',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@fault',
        'controller' => 'App\\Http\\Controllers\\StoreController@fault',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.fault',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.look-at' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/firmware',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@lookAt',
        'controller' => 'App\\Http\\Controllers\\StoreController@lookAt',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.look-at',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.firmware' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/firmware/give',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@firmware',
        'controller' => 'App\\Http\\Controllers\\StoreController@firmware',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.firmware',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.itself' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/itself',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@itself',
        'controller' => 'App\\Http\\Controllers\\StoreController@itself',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.itself',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.copy' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/store/{device}/copy',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@copy',
        'controller' => 'App\\Http\\Controllers\\StoreController@copy',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.copy',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@back',
        'controller' => 'App\\Http\\Controllers\\StoreController@back',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.bring' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/store/{device}/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@bring',
        'controller' => 'App\\Http\\Controllers\\StoreController@bring',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'store.bring',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.download' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@download',
        'controller' => 'App\\Http\\Controllers\\FileController@download',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.download',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.upload' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@upload',
        'controller' => 'App\\Http\\Controllers\\FileController@upload',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.upload',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.bundle' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/with-parents',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@bundle',
        'controller' => 'App\\Http\\Controllers\\FileController@bundle',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.bundle',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.bindings' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/bindings',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@bindings',
        'controller' => 'App\\Http\\Controllers\\FileController@bindings',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.bindings',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.take-bindings' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/bindings',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@takeBindings',
        'controller' => 'App\\Http\\Controllers\\FileController@takeBindings',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.take-bindings',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.keys' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/keys',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@keys',
        'controller' => 'App\\Http\\Controllers\\FileController@keys',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.keys',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'file.summary' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/summary',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\FileController@summary',
        'controller' => 'App\\Http\\Controllers\\FileController@summary',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'file.summary',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'sets/{set}/sets',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@show',
        'controller' => 'App\\Http\\Controllers\\SetsController@show',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets.new' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/sets/new',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@begin',
        'controller' => 'App\\Http\\Controllers\\SetsController@begin',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets.new',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets.duplicate' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/sets/duplicate',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@duplicate',
        'controller' => 'App\\Http\\Controllers\\SetsController@duplicate',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets.duplicate',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets.rename' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/sets/rename',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@rename',
        'controller' => 'App\\Http\\Controllers\\SetsController@rename',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets.rename',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/sets/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@remove',
        'controller' => 'App\\Http\\Controllers\\SetsController@remove',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'sets.bring-back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'sets/{set}/sets/bring-back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\SetsController@bringBack',
        'controller' => 'App\\Http\\Controllers\\SetsController@bringBack',
        'namespace' => NULL,
        'prefix' => '/sets/{set}',
        'where' => 
        array (
          'set' => '[a-z0-9_-]+',
        ),
        'as' => 'sets.bring-back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'set' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'hand.manifest' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'panel/{device}/manifest',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HandController@manifest',
        'controller' => 'App\\Http\\Controllers\\HandController@manifest',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'hand.manifest',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'device' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'hand' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'panel/{device}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\HandController@show',
        'controller' => 'App\\Http\\Controllers\\HandController@show',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'hand',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'device' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'store.fresh' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'memory/{device}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\StoreController@fresh',
        'controller' => 'App\\Http\\Controllers\\StoreController@fresh',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'store.fresh',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'device' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'import.bring' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'import',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ImportController@bring',
        'controller' => 'App\\Http\\Controllers\\ImportController@bring',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'import.bring',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'import.show' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'import/{import}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ImportController@show',
        'controller' => 'App\\Http\\Controllers\\ImportController@show',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'import.show',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'import' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'import.take' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'import/{import}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ImportController@take',
        'controller' => 'App\\Http\\Controllers\\ImportController@take',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'import.take',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'import' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'import.panel' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'import/{import}/panel',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ImportController@takePanel',
        'controller' => 'App\\Http\\Controllers\\ImportController@takePanel',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'import.panel',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'import' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'list.take' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'import/{import}/list',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ListController@take',
        'controller' => 'App\\Http\\Controllers\\ListController@take',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'list.take',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'import' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'list.say' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'import/{import}/said',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\ListController@say',
        'controller' => 'App\\Http\\Controllers\\ListController@say',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'list.say',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'import' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recording.download' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'recordings/{recording}/file',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RecordingController@download',
        'controller' => 'App\\Http\\Controllers\\RecordingController@download',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'recording.download',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'recording' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recording.cut' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'recordings/{recording}/cut',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RecordingController@cut',
        'controller' => 'App\\Http\\Controllers\\RecordingController@cut',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'recording.cut',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'recording' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recording.remove' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'recordings/{recording}/remove',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RecordingController@remove',
        'controller' => 'App\\Http\\Controllers\\RecordingController@remove',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'recording.remove',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'recording' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recording.bring-back' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'recordings/{recording}/bring-back',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RecordingController@bringBack',
        'controller' => 'App\\Http\\Controllers\\RecordingController@bringBack',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'recording.bring-back',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'recording' => '[0-9a-f]{16}',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'recording.upload' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'recordings',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\RecordingController@upload',
        'controller' => 'App\\Http\\Controllers\\RecordingController@upload',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'recording.upload',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'phone.show' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'pair',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PhoneController@show',
        'controller' => 'App\\Http\\Controllers\\PhoneController@show',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'phone.show',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'phone.pair' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'pair',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'web',
        ),
        'uses' => 'App\\Http\\Controllers\\PhoneController@pair',
        'controller' => 'App\\Http\\Controllers\\PhoneController@pair',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'phone.pair',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'line.token' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'token',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'App\\Http\\Middleware\\SameOrigin',
          1 => 'App\\Http\\Middleware\\PlainInput',
          2 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'App\\Http\\Controllers\\LineController@token',
        'controller' => 'App\\Http\\Controllers\\LineController@token',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'line.token',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'line.hid' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'hid',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'App\\Http\\Middleware\\SameOrigin',
          1 => 'App\\Http\\Middleware\\PlainInput',
          2 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'App\\Http\\Controllers\\LineController@hid',
        'controller' => 'App\\Http\\Controllers\\LineController@hid',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'line.hid',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'line.pads' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'pads',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'App\\Http\\Middleware\\SameOrigin',
          1 => 'App\\Http\\Middleware\\PlainInput',
          2 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'App\\Http\\Controllers\\LineController@pads',
        'controller' => 'App\\Http\\Controllers\\LineController@pads',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'line.pads',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'line.panel' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'panel/{device}/token',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'App\\Http\\Middleware\\SameOrigin',
          1 => 'App\\Http\\Middleware\\PlainInput',
          2 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'App\\Http\\Controllers\\PhoneController@token',
        'controller' => 'App\\Http\\Controllers\\PhoneController@token',
        'namespace' => NULL,
        'prefix' => '',
        'where' => 
        array (
        ),
        'as' => 'line.panel',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'device' => '[a-z0-9_-]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'storage.local' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'storage/{path}',
      'action' => 
      array (
        'uses' => 'O:55:"Laravel\\SerializableClosure\\UnsignedSerializableClosure":1:{s:12:"serializable";O:46:"Laravel\\SerializableClosure\\Serializers\\Native":5:{s:3:"use";a:3:{s:4:"disk";s:5:"local";s:6:"config";a:5:{s:6:"driver";s:5:"local";s:4:"root";s:30:"/work/main/storage/app/private";s:5:"serve";b:1;s:5:"throw";b:0;s:6:"report";b:0;}s:12:"isProduction";b:1;}s:8:"function";s:323:"function (\\Illuminate\\Http\\Request $request, string $path) use ($disk, $config, $isProduction) {
                    return (new \\Illuminate\\Filesystem\\ServeFile(
                        $disk,
                        $config,
                        $isProduction
                    ))($request, $path);
                }";s:5:"scope";s:47:"Illuminate\\Filesystem\\FilesystemServiceProvider";s:4:"this";N;s:4:"self";s:32:"00000000000003ae0000000000000000";}}',
        'as' => 'storage.local',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'path' => '.*',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'storage.local.upload' => 
    array (
      'methods' => 
      array (
        0 => 'PUT',
      ),
      'uri' => 'storage/{path}',
      'action' => 
      array (
        'uses' => 'O:55:"Laravel\\SerializableClosure\\UnsignedSerializableClosure":1:{s:12:"serializable";O:46:"Laravel\\SerializableClosure\\Serializers\\Native":5:{s:3:"use";a:3:{s:4:"disk";s:5:"local";s:6:"config";a:5:{s:6:"driver";s:5:"local";s:4:"root";s:30:"/work/main/storage/app/private";s:5:"serve";b:1;s:5:"throw";b:0;s:6:"report";b:0;}s:12:"isProduction";b:1;}s:8:"function";s:325:"function (\\Illuminate\\Http\\Request $request, string $path) use ($disk, $config, $isProduction) {
                    return (new \\Illuminate\\Filesystem\\ReceiveFile(
                        $disk,
                        $config,
                        $isProduction
                    ))($request, $path);
                }";s:5:"scope";s:47:"Illuminate\\Filesystem\\FilesystemServiceProvider";s:4:"this";N;s:4:"self";s:32:"00000000000004620000000000000000";}}',
        'as' => 'storage.local.upload',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'path' => '.*',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
  ),
)
);
