from lathe import Lathe, shape

print(shape(Lathe()))
