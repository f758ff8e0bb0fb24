<?php

declare(strict_types=1);

return '6cecd84d0fb7';
