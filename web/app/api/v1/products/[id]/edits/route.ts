// Saves from a product's bench. Version 1 of the address stays, so that an edit kept before a new build still goes through.
import { saveBench } from '../../../benchSave'

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return saveBench(request, { product: (await params).id })
}
