from pricing import Quote, by_volume

print(Quote().price([]))
print(Quote(by_volume).price([]))
