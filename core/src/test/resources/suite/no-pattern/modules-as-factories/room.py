import oak
import steel


def furnish(yard):
    return yard.chair().seat(), yard.table().top()


print(furnish(oak), furnish(steel))
