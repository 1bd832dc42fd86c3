import { listOrders, listProducts, listRecipes } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { Orders } from '../../screens/orders/Orders'

export const metadata = { title: 'Orders' }
export default async function OrdersPage() {
  const [orders, products, recipes] = await reading(sql =>
    Promise.all([listOrders(sql, today()), listProducts(sql), listRecipes(sql)]),
  )
  return (
    <Orders
      today={today()}
      orders={orders}
      products={products.values.map(one => ({
        id: one.id,
        name: one.name,
        pieces: one.pieces,
        pieceName: one.pieceName ?? 'piece',
        makes: recipes.values.find(recipe => recipe.id === one.recipe)?.pieces ?? null,
      }))}
    />
  )
}
